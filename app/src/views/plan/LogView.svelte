<script lang="ts">
  import { onMount } from 'svelte';
  import type { Taught } from '../../lib/api/client';
  import { day } from '../../lib/time';
  import Entries from '../../log/Entries.svelte';
  import EntryEditor from '../../log/EntryEditor.svelte';
  import ForecastHeld from '../../log/ForecastHeld.svelte';
  import { LogState } from '../../log/log.svelte';
  import type { PlanState } from '../../plan/plan.svelte';

  const { plan, id }: { plan: PlanState; id: string } = $props();

  // The plan is made anew for another class.
  // svelte-ignore state_referenced_locally
  const log = new LogState(id);
  onMount(() => void log.load());
  let fresh = $state<Taught | null>(null);
</script>

<div class="mx-auto max-w-4xl px-6 pb-16 max-md:px-3">
  <div class="flex flex-wrap items-baseline gap-4">
    <h2 class="text-[21px]">What was taught</h2>
    {#if log.entries?.length}
      <p class="text-muted">
        {log.total}
        {log.total === 1 ? 'time' : 'times'}, last on {day(log.entries[0]!.at)}
      </p>
    {/if}
    <button
      class="press ml-auto print:hidden"
      onclick={() => (fresh = log.blank(plan.document?.title || 'Class', plan.document?.minutes ?? 45))}
      >Write an entry by hand</button
    >
  </div>
  {#if log.trouble}<p role="alert" class="mt-3 rounded-xl bg-sand px-4 py-2">{log.trouble}</p>{/if}
  {#if fresh}
    <div class="mt-4">
      <EntryEditor entry={fresh} onsave={(e) => log.save(e)} onclose={() => (fresh = null)} />
    </div>
  {/if}
  {#if log.entries === null && !log.trouble}
    <p class="mt-4 text-muted" role="status">Looking it up</p>
  {:else if log.entries?.length === 0}
    <p class="mt-4 max-w-prose text-muted">
      Nothing yet. When you have taught the class with <a
        class="underline underline-offset-4"
        href="#/teach/{id}">Teach</a
      >, what really happened is kept here; an evening taught without it can be written by hand.
    </p>
  {:else if log.entries}
    <ForecastHeld entries={log.entries} />
    <Entries {log} />
  {/if}
</div>
