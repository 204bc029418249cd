<script lang="ts">
  import { catalogue } from '../lib/catalogue.svelte';
  import { clock, moment } from '../lib/time';
  import EntryEditor from './EntryEditor.svelte';
  import LineTimes from './LineTimes.svelte';
  import type { LogState } from './log.svelte';

  const { log, withTitles = false }: { log: LogState; withTitles?: boolean } = $props();

  let editing = $state<string | null>(null);
</script>

<ul class="divide-y divide-line">
  {#each log.entries ?? [] as entry (entry.id)}
    <li class="py-4">
      {#if editing === entry.id}
        <EntryEditor {entry} onsave={(e) => log.save(e)} onclose={() => (editing = null)} />
      {:else}
        <div class="flex flex-wrap items-baseline gap-x-4">
          <h3 class="font-sans text-[17px] font-bold">
            {#if withTitles && entry.class}<a
                class="underline underline-offset-4"
                href="#/plan/{entry.class}/log">{entry.title}</a
              >,
            {:else if withTitles}{entry.title},
            {/if}{moment(entry.at)}
          </h3>
          <p class="text-muted">
            {clock(entry.realMs)}{entry.plannedMs
              ? ` taught, ${clock(entry.plannedMs)} planned`
              : ', written by hand'}
          </p>
          <span class="ml-auto flex gap-2 print:hidden">
            <button class="press" onclick={() => (editing = entry.id ?? null)}>Edit</button>
            <button
              class="press"
              onclick={() => {
                if (confirm('Delete this entry?')) void log.remove(entry.id ?? '');
              }}>Delete</button
            >
          </span>
        </div>
        {#if entry.left}<p class="mt-1">
            Left easier {entry.left.easier}, the same {entry.left.same}, worse {entry.left.worse}
          </p>{/if}
        {#if entry.note}<p class="mt-1 max-w-prose whitespace-pre-line">{entry.note}</p>{/if}
        {#if entry.next}<p class="mt-1 max-w-prose whitespace-pre-line">
            <b>Next time:</b>
            {entry.next}
          </p>{/if}
        {#if entry.short?.length}<p class="mt-1">
            Short of {entry.short.map((s) => `${s.count} ${catalogue.propName(s.prop, s.count)}`).join(', ')}
          </p>{/if}
        {#each entry.incidents ?? [] as incident, i (i)}
          <p class="mt-1">
            <b>{incident.move ? (catalogue.moves.get(incident.move)?.name ?? incident.move) : 'Incident'}:</b>
            {incident.what}{incident.done ? `; ${incident.done}` : ''}
          </p>
        {/each}
        {#if entry.lines?.length}
          <details class="mt-1">
            <summary class="cursor-pointer text-muted">Line by line</summary>
            <LineTimes {entry} />
          </details>
        {/if}
      {/if}
    </li>
  {/each}
</ul>
