<script lang="ts">
  import { onMount } from 'svelte';
  import { day } from '../../lib/time';
  import ForecastHeld from '../../log/ForecastHeld.svelte';
  import { LogState } from '../../log/log.svelte';
  import LogBook from '../../log/LogBook.svelte';
  import type { PlanState } from '../../plan/plan.svelte';

  const { plan, id }: { plan: PlanState; id: string } = $props();

  // The plan is made anew for another class.
  // svelte-ignore state_referenced_locally
  const log = new LogState(id);
  onMount(() => void log.load());
</script>

<div class="mx-auto max-w-4xl px-6 pb-16 max-md:px-3">
  <LogBook {log} title={plan.document?.title || 'Class'} minutes={plan.document?.minutes ?? 45}>
    {#snippet head()}
      <h2 class="text-[21px]">What was taught</h2>
      {#if log.entries?.length}
        <p class="text-muted">
          {log.total}
          {log.total === 1 ? 'time' : 'times'}, last on {day(log.entries[0]!.at)}
        </p>
      {/if}
    {/snippet}
    {#snippet empty()}
      Nothing yet. When you have taught the class with <a
        class="underline underline-offset-4"
        href="#/teach/{id}">Teach</a
      >, what really happened is kept here; an evening taught without it can be written by hand.
    {/snippet}
    <ForecastHeld entries={log.entries ?? []} />
  </LogBook>
</div>
