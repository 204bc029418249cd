<script lang="ts">
  import { onMount } from 'svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import type { Taught } from '../../lib/api/client';
  import Header from '../../lib/Header.svelte';
  import Entries from '../../log/Entries.svelte';
  import EntryEditor from '../../log/EntryEditor.svelte';
  import { LogState } from '../../log/log.svelte';

  const log = new LogState(null);
  onMount(() => void Promise.all([catalogue.load(), log.load()]));
  let fresh = $state<Taught | null>(null);
</script>

<svelte:head><title>Log · Ample Tide</title></svelte:head>

<Header here="log" />

<main class="mx-auto max-w-4xl px-6 pb-16 max-md:px-3">
  <div class="flex flex-wrap items-baseline gap-4">
    <h1 class="text-[32px]">What was taught</h1>
    {#if log.total > 0}<p class="text-muted">{log.total} evenings</p>{/if}
    <button class="press ml-auto print:hidden" onclick={() => (fresh = log.blank('', 45))}
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
      Nothing yet. Teach a class from its plan, or write an evening by hand: minutes and a few words are
      enough.
    </p>
  {:else if log.entries}
    <Entries {log} withTitles />
  {/if}
</main>
