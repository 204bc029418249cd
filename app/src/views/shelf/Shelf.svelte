<script lang="ts">
  import Upload from '@lucide/svelte/icons/upload';
  import { onMount } from 'svelte';
  import { push } from 'svelte-spa-router';
  import Header from '../../lib/Header.svelte';
  import { day } from '../../lib/time';
  import SearchField from '../../lib/SearchField.svelte';
  import FirstStart from '../../people/FirstStart.svelte';
  import ExportQuestion from './ExportQuestion.svelte';
  import ShelfRow from './ShelfRow.svelte';
  import { orders, pick, tagsOf, type Order } from './pick';
  import { jot } from '../../read/jotted';
  import { ShelfState } from './shelf.svelte';

  const shelf = new ShelfState();
  let text = $state('');
  let tag = $state('');
  let archived = $state(false);
  let order = $state<Order>('saved');
  let picker: HTMLInputElement;
  let over = $state(false);

  const entries = $derived(shelf.entries ?? []);
  const shown = $derived(pick(entries, { text, tag, archived, order }));
  const tags = $derived(tagsOf(entries));
  const behind = $derived(entries.filter((e) => e.archived).length);

  onMount(() => void shelf.load());

  async function importAll(list: FileList | null | undefined) {
    // The list is the picker's own and is empty once that is.
    const files = [...(list ?? [])];
    if (files.length === 0) return;
    const id = await shelf.importAll(files);
    picker.value = '';
    if (shelf.jotted) {
      jot(shelf.jotted);
      await push('/read');
    } else if (id && files.length === 1) await push(`/plan/${id}`);
  }

  function drop(event: DragEvent) {
    event.preventDefault();
    over = false;
    void importAll(event.dataTransfer?.files);
  }

  function carried(event: DragEvent) {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    over = true;
  }
</script>

<svelte:head><title>Shelf · Ample Tide</title></svelte:head>
<svelte:window
  ondragover={carried}
  ondrop={drop}
  ondragleave={(e) => (over = e.relatedTarget !== null && over)}
/>

<Header here="shelf" />

<main class="min-h-[70vh] pb-16" class:over>
  <div class="flex flex-wrap items-center gap-3 px-8 pb-5 max-md:px-4">
    <h1 class="w-full text-[32px]" tabindex="-1">{archived ? 'Archive' : 'Your classes'}</h1>
    <SearchField
      placeholder="Find a class, an area, a tag"
      label="Find a class, an area, a tag"
      bind:value={text}
    />
    <select class="field w-auto" aria-label="Order" bind:value={order}>
      {#each orders as [word, name] (word)}<option value={word}>{name}</option>{/each}
    </select>
    <a class="press-deep ml-auto inline-flex items-center gap-2 max-md:ml-0" href="#/new">New class</a>
    <button class="press inline-flex items-center gap-2" onclick={() => picker.click()}>
      <Upload size={18} aria-hidden="true" />Import
    </button>
    <a class="press inline-flex items-center gap-2" href="#/read">From text</a>
    <input
      bind:this={picker}
      class="hidden"
      type="file"
      multiple
      accept=".json,.txt,.md,.csv,application/json,text/plain,text/markdown,text/csv"
      aria-label="Class file"
      onchange={(e) => importAll(e.currentTarget.files)}
    />
    {#if tags.length > 0 || behind > 0 || archived}
      <div class="flex w-full flex-wrap gap-2" role="group" aria-label="Tags">
        {#each tags as each (each)}
          <button
            class="press aria-pressed:bg-deep aria-pressed:text-on-deep"
            aria-pressed={tag === each}
            onclick={() => (tag = tag === each ? '' : each)}>{each}</button
          >
        {/each}
        {#if behind > 0 || archived}
          <button
            class="press ml-auto aria-pressed:bg-deep aria-pressed:text-on-deep"
            aria-pressed={archived}
            onclick={() => (archived = !archived)}>Archive ({behind})</button
          >
        {/if}
      </div>
    {/if}
  </div>

  <FirstStart />
  {#if shelf.trouble}
    <p role="alert" class="mx-8 mb-4 flex items-center gap-4 rounded-xl bg-sand px-4 py-3 max-md:mx-4">
      {shelf.trouble}<button class="press ml-auto ring-1 ring-line" onclick={() => shelf.load()}
        >Try again</button
      >
    </p>
  {/if}

  {#if shelf.entries === null && !shelf.trouble}
    <p class="px-8 text-muted" role="status">Looking at the shelf</p>
  {:else if shelf.entries?.length === 0}
    <div class="px-8 py-10 max-md:px-4">
      <h2 class="text-[22px]">The shelf is empty</h2>
      <p class="mt-2 max-w-prose text-muted">
        Begin a class, import a class file, or drop one here. Started without <code>--no-demo</code>, Ample
        Tide puts a few classes of the Sail Loft here to look at.
      </p>
      <a class="press-deep mt-4 inline-flex items-center" href="#/new">Begin a class</a>
    </div>
  {:else if shelf.entries}
    <ul>
      {#each shown as entry (entry.id)}<ShelfRow {shelf} {entry} />{/each}
    </ul>
    {#if shown.length === 0}
      <p class="px-8 py-6 text-muted max-md:px-4">
        {text || tag ? `No class here has “${[text, tag].filter(Boolean).join(' ')}”.` : 'Nothing lies here.'}
      </p>
    {/if}
  {/if}
  {#if shelf.unreadable.length > 0}
    <p role="alert" class="mx-8 mt-4 rounded-xl bg-sand px-4 py-3 max-md:mx-4">
      Damaged in the store, and left as it is: {shelf.unreadable.map((c) => c.title || c.id).join(', ')}.
    </p>
  {/if}
  {#if shelf.bin.length > 0}
    <details class="mx-8 mt-8 max-md:mx-4">
      <summary class="min-h-10 cursor-pointer py-2 text-muted">Bin ({shelf.bin.length})</summary>
      <p class="text-[14px] text-muted">A deleted class stays here for thirty days, with its versions.</p>
      <ul class="mt-2 divide-y divide-line">
        {#each shelf.bin as entry (entry.id)}
          <li class="flex items-center gap-4 py-2">
            <span class="min-w-0 truncate font-bold">{entry.title}</span>
            <span class="text-[14px] text-muted">{entry.minutes} min · deleted {day(entry.deletedAt)}</span>
            <button class="press ml-auto" onclick={() => void shelf.restore(entry)}
              >Put back<span class="sr-only"> {entry.title}</span></button
            >
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</main>

<footer class="flex gap-6 px-8 pb-8 text-[14px] text-muted max-md:px-4 print:hidden">
  <a class="inline-flex min-h-10 items-center underline underline-offset-4" href="#/safety">Safety</a>
  <a class="inline-flex min-h-10 items-center underline underline-offset-4" href="#/backup">Backup</a>
  <a class="inline-flex min-h-10 items-center underline underline-offset-4" href="/notices.txt">Licences</a>
</footer>

<ExportQuestion {shelf} />
<div class="fixed inset-x-0 bottom-5 z-20 mx-auto w-fit max-w-[90vw]" role="status">
  {#if shelf.done}
    <p class="flex items-center gap-4 rounded-2xl bg-ink px-5 py-2.5 text-ground shadow-lg">
      {shelf.done.text}
      {#if shelf.done.undo}
        <button class="min-h-10 px-2 font-bold underline" onclick={() => shelf.undo()}>Undo</button>
      {/if}
      <button class="min-h-10 px-2" aria-label="Close" onclick={() => (shelf.done = null)}>✕</button>
    </p>
  {/if}
</div>

<style>
  .over {
    outline: 3px dashed var(--deep);
    outline-offset: -8px;
    border-radius: 20px;
  }
</style>
