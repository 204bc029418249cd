<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Taught } from '../lib/api/client';
  import Entries from './Entries.svelte';
  import EntryEditor from './EntryEditor.svelte';
  import type { LogState } from './log.svelte';

  /** Evenings, and writing one by hand: of one class, or of all. */
  interface Props {
    log: LogState;
    /** What an entry by hand begins with. */
    title: string;
    minutes: number;
    withTitles?: boolean;
    head: Snippet;
    empty: Snippet;
    /** Between the head and the evenings, where there are any. */
    children?: Snippet;
  }
  const { log, title, minutes, withTitles = false, head, empty, children }: Props = $props();

  let fresh = $state<Taught | null>(null);
</script>

<div class="flex flex-wrap items-baseline gap-4">
  {@render head()}
  <button class="press ml-auto print:hidden" onclick={() => (fresh = log.blank(title, minutes))}
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
  <p class="mt-4 max-w-prose text-muted">{@render empty()}</p>
{:else if log.entries}
  {@render children?.()}
  <Entries {log} {withTitles} />
{/if}
