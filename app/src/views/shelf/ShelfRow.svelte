<script lang="ts">
  import { plain } from '../../lib/words';
  import Ellipsis from '@lucide/svelte/icons/ellipsis';
  import { DropdownMenu } from 'bits-ui';
  import type { ShelfEntry } from '../../lib/api/client';
  import { clock, day } from '../../lib/time';
  import ShelfTide from '../../tide/ShelfTide.svelte';
  import type { ShelfState } from './shelf.svelte';

  const { shelf, entry }: { shelf: ShelfState; entry: ShelfEntry } = $props();

  const off = $derived(entry.totalMs - entry.minutes * 60_000);
  const acts = $derived([
    { name: 'Duplicate', does: () => shelf.duplicate(entry) },
    {
      name: entry.archived ? 'Back on the shelf' : 'Archive',
      does: () => shelf.archive(entry, !entry.archived),
    },
    { name: 'Export', does: () => shelf.export(entry) },
    { name: 'Delete', does: () => shelf.remove(entry) },
  ]);
</script>

<li class="flex items-center border-t border-line hover:bg-band">
  <a href="#/plan/{entry.id}" class="row">
    <ShelfTide heights={entry.tide} totalMs={entry.totalMs} title={entry.title} />
    <span class="min-w-0">
      <span class="block truncate font-head text-[21px] font-semibold">{entry.title}</span>
      <span class="block truncate text-muted">{entry.areas.map(plain).join(', ')}</span>
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
          : ''} · {entry.lastTaught
          ? `last taught ${day(entry.lastTaught)}`
          : `saved ${day(entry.savedAt)}`}</span
      >
      {#if entry.tags.length > 0}<span class="block truncate">{entry.tags.join(' · ')}</span>{/if}
      {#if entry.serious > 0}<span class="block font-semibold text-serious"
          >{entry.serious} serious finding{entry.serious > 1 ? 's' : ''}</span
        >{/if}
    </span>
  </a>
  <DropdownMenu.Root>
    <DropdownMenu.Trigger class="tool mr-5 shrink-0 max-md:mr-2" aria-label="More for {entry.title}">
      <Ellipsis size={20} aria-hidden="true" />
    </DropdownMenu.Trigger>
    <DropdownMenu.Portal>
      <DropdownMenu.Content
        align="end"
        sideOffset={4}
        class="z-20 min-w-52 rounded-xl bg-raised p-1.5 shadow-lg ring-1 ring-line"
      >
        {#each acts as { name, does } (name)}
          <DropdownMenu.Item
            class="flex min-h-10 cursor-pointer items-center rounded-lg px-3 data-highlighted:bg-sand"
            onSelect={() => void does()}>{name}</DropdownMenu.Item
          >
        {/each}
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  </DropdownMenu.Root>
</li>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(200px, 420px) minmax(0, 1fr) 92px minmax(200px, 280px);
    flex: 1;
    min-width: 0;
    align-items: center;
    gap: 32px;
    padding: 14px 12px 14px 32px;
  }
  @media (max-width: 900px) {
    .row {
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 6px 16px;
      padding: 12px 8px 12px 16px;
    }
    .row > :global(svg) {
      grid-column: span 2;
    }
  }
</style>
