<script lang="ts">
  import type { ShelfEntry } from '../../lib/api/client';
  import { clock, day } from '../../lib/time';
  import ShelfTide from '../../tide/ShelfTide.svelte';

  const { entry }: { entry: ShelfEntry } = $props();

  const off = $derived(entry.totalMs - entry.minutes * 60_000);
</script>

<li class="border-t border-line">
  <a href="#/plan/{entry.id}" class="row">
    <ShelfTide heights={entry.tide} totalMs={entry.totalMs} title={entry.title} />
    <span class="min-w-0">
      <span class="block truncate font-head text-[21px] font-semibold">{entry.title}</span>
      <span class="block truncate text-muted">{entry.areas.join(', ')}</span>
    </span>
    <span class="whitespace-nowrap"
      ><b class="font-head text-[25px] font-semibold">{entry.minutes}</b>
      <span class="text-muted">min</span></span
    >
    <span class="text-[15px] text-muted">
      <span class="block">{entry.about}</span>
      <span class="block"
        >{clock(entry.totalMs)} planned{Math.abs(off) > 60_000
          ? `, ${clock(off)} ${off > 0 ? 'over' : 'short'}`
          : ''} · {day(entry.savedAt)}</span
      >
      {#if entry.serious > 0}<span class="block font-semibold text-serious"
          >{entry.serious} serious finding{entry.serious > 1 ? 's' : ''}</span
        >{/if}
    </span>
  </a>
</li>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(200px, 420px) minmax(0, 1fr) 92px minmax(200px, 300px);
    align-items: center;
    gap: 32px;
    padding: 14px 32px;
  }
  .row:hover {
    background: var(--band);
  }
  @media (max-width: 900px) {
    .row {
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 6px 16px;
      padding: 12px 16px;
    }
    .row > :global(svg) {
      grid-column: span 2;
    }
  }
</style>
