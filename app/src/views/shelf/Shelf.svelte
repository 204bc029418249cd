<script lang="ts">
  import Search from '@lucide/svelte/icons/search';
  import Upload from '@lucide/svelte/icons/upload';
  import { onMount } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { api, sentence, type ShelfEntry } from '../../lib/api/client';
  import Header from '../../lib/Header.svelte';
  import FirstStart from '../../people/FirstStart.svelte';
  import ShelfRow from './ShelfRow.svelte';

  let entries = $state.raw<ShelfEntry[] | null>(null);
  let total = $state(0);
  let trouble = $state<string | null>(null);
  let find = $state('');
  let picker: HTMLInputElement;

  const shown = $derived(
    (entries ?? []).filter((e) =>
      `${e.title} ${e.areas.join(' ')} ${e.about}`.toLowerCase().includes(find.trim().toLowerCase()),
    ),
  );

  onMount(load);

  async function load() {
    trouble = null;
    try {
      const { data, error } = await api.GET('/api/classes', { params: { query: { size: 200 } } });
      if (error) trouble = sentence(error);
      entries = data?.items ?? [];
      total = data?.total ?? 0;
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  async function bringIn(files: FileList | null) {
    const file = files?.[0];
    if (!file) return;
    try {
      const { response, error } = await api.POST('/api/classes', {
        body: (await file.text()) as never,
        bodySerializer: (text) => text as unknown as string,
        headers: { 'content-type': 'application/json' },
      });
      if (error) trouble = `${file.name}: ${sentence(error)}`;
      else await push(`/plan/${(response.headers.get('location') ?? '').split('/').pop()}`);
    } catch (problem) {
      trouble = sentence(problem);
    } finally {
      picker.value = '';
    }
  }
</script>

<svelte:head><title>Shelf · Ample Tide</title></svelte:head>

<Header here="shelf" />

<main class="pb-16">
  <div class="flex flex-wrap items-center gap-3 px-8 pb-5 max-md:px-4">
    <h1 class="w-full text-[32px]">Your classes</h1>
    <label class="flex min-h-11 w-full max-w-sm items-center gap-2 rounded-xl bg-sand px-3">
      <Search size={18} aria-hidden="true" class="text-muted" />
      <input
        class="min-h-11 w-full bg-transparent placeholder:text-muted"
        type="search"
        placeholder="Find a class or an area"
        aria-label="Find a class or an area"
        bind:value={find}
      />
    </label>
    <a class="press-deep ml-auto inline-flex items-center gap-2 max-md:ml-0" href="#/new">New class</a>
    <button class="press inline-flex items-center gap-2" onclick={() => picker.click()}>
      <Upload size={18} aria-hidden="true" />Bring in a file
    </button>
    <input
      bind:this={picker}
      class="hidden"
      type="file"
      accept=".json,application/json"
      aria-label="Class file"
      onchange={(e) => bringIn(e.currentTarget.files)}
    />
  </div>

  <FirstStart />
  {#if trouble}
    <p role="alert" class="mx-8 mb-4 flex items-center gap-4 rounded-xl bg-sand px-4 py-3 max-md:mx-4">
      {trouble}<button class="press ml-auto ring-1 ring-line" onclick={load}>Try again</button>
    </p>
  {/if}

  {#if entries === null && !trouble}
    <p class="px-8 text-muted" role="status">Looking at the shelf</p>
  {:else if entries?.length === 0}
    <div class="px-8 py-10 max-md:px-4">
      <h2 class="text-[22px]">The shelf is empty</h2>
      <p class="mt-2 max-w-prose text-muted">
        Bring in a class file to begin. Started without <code>--no-demo</code>, Ample Tide puts a few classes
        of the Sail Loft here to look at.
      </p>
    </div>
  {:else if entries}
    <ul>
      {#each shown as entry (entry.id)}<ShelfRow {entry} />{/each}
    </ul>
    {#if shown.length === 0}
      <p class="px-8 py-6 text-muted max-md:px-4">No class has “{find}” in its name or areas.</p>
    {:else if total > entries.length}
      <p class="px-8 py-6 text-muted max-md:px-4">The {entries.length} classes saved last, of {total}.</p>
    {/if}
  {/if}
</main>
