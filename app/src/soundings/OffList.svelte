<script lang="ts">
  import { plain } from '../lib/words';
  import type { PlanState } from '../plan/plan.svelte';

  const { plan }: { plan: PlanState } = $props();

  const off = $derived(plan.document?.off ?? []);
</script>

{#if off.length > 0}
  <details class="mt-5">
    <summary class="min-h-10 cursor-pointer py-2 text-muted">Left as it is on purpose: {off.length}</summary>
    <ul>
      {#each off as entry, i (i)}
        <li class="flex items-center gap-2 py-1 text-[14px]">
          <span>{plain(entry.rule ?? '')}: {entry.reason}</span>
          <button
            class="press ml-auto"
            onclick={() => plan.change('judge again', (document) => document.off?.splice(i, 1))}
            aria-label="Judge {plain(entry.rule ?? '')} again">Judge again</button
          >
        </li>
      {/each}
    </ul>
  </details>
{/if}
