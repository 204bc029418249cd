<script lang="ts">
  import { onMount } from 'svelte';
  import { push } from 'svelte-spa-router';
  import BriefFields from '../../brief/BriefFields.svelte';
  import { api, sentence, type ClassFile } from '../../lib/api/client';
  import StockFields from '../../bring/StockFields.svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import Header from '../../lib/Header.svelte';
  import { Unsent } from '../../lib/unsent';
  import ConditionCounts from '../../people/ConditionCounts.svelte';
  import GroupFields from '../../people/GroupFields.svelte';

  const blank: ClassFile = {
    title: '',
    minutes: 45,
    theme: { areas: [], intention: '' },
    group: { size: 10, pace: 'usual', age: 'mixed', newcomers: 0 },
    place: { families: [], limits: [], surface: 'mat', props: {} },
    sections: [
      { id: 's1', name: 'Arrive', part: 'arrive', items: [] },
      { id: 's2', name: 'Warm', part: 'warm', items: [] },
      { id: 's3', name: 'Build', part: 'build', items: [] },
      { id: 's4', name: 'Soften', part: 'soften', items: [] },
      { id: 's5', name: 'Rest', part: 'rest', items: [] },
      { id: 's6', name: 'Close', part: 'close', items: [] },
    ],
  };
  const unsent = new Unsent<ClassFile>('new-class');
  const begun = unsent.read();
  let document = $state<ClassFile>(begun ?? structuredClone(blank));
  let goesOn = $state(begun !== null);
  function onchange(edit: (document: ClassFile) => void) {
    edit(document);
    unsent.keep($state.snapshot(document));
  }

  function startOver() {
    unsent.forget();
    [document, goesOn] = [structuredClone(blank), false];
  }
  onMount(() => void catalogue.load());

  let trouble = $state<string | null>(null);
  let busy = $state(false);

  async function make(event: SubmitEvent) {
    event.preventDefault();
    [busy, trouble] = [true, null];
    try {
      const { response, error } = await api.POST('/api/classes', {
        body: $state.snapshot(document),
      });
      if (error) trouble = sentence(error);
      else {
        unsent.forget();
        await push(`/plan/${(response.headers.get('location') ?? '').split('/').pop()}`);
      }
    } catch (problem) {
      trouble = sentence(problem);
    } finally {
      busy = false;
    }
  }

  const nameless = $derived(document.title.trim() === '');
</script>

<svelte:head><title>A new class · Ample Tide</title></svelte:head>
<Header here="shelf" />

<main class="px-8 pb-16 max-md:px-4">
  <h1 class="mb-5 text-[32px]">A new class</h1>
  {#if goesOn}
    <p role="status" class="mb-4 flex flex-wrap items-center gap-4 rounded-xl bg-sand px-4 py-2">
      This goes on with what you had begun here.
      <button type="button" class="press ring-1 ring-line" onclick={startOver}>Start over</button>
    </p>
  {/if}
  {#if trouble}<p role="alert" class="mb-4 rounded-xl bg-sand px-4 py-3">{trouble}</p>{/if}
  <form onsubmit={make}>
    <BriefFields {document} {onchange} />
    <h2 class="mt-8 mb-2 text-[21px]">Who comes</h2>
    <GroupFields {document} {onchange} />
    {#if catalogue.moves.size > 0}
      <details class="mt-5">
        <summary class="min-h-10 cursor-pointer font-bold">Conditions, by count; no names</summary>
        <div class="max-w-xl"><ConditionCounts {document} {onchange} /></div>
      </details>
      <details class="mt-2">
        <summary class="min-h-10 cursor-pointer font-bold">Props that are there</summary>
        <StockFields {document} {onchange} />
      </details>
    {/if}
    <div class="sticky bottom-0 -mx-8 mt-6 border-t border-line bg-ground px-8 py-3 max-md:-mx-4 max-md:px-4">
      <button class="press-deep" disabled={busy || nameless}>Begin planning</button>
      {#if nameless}<span class="ml-3 text-[14px] text-muted">It needs a name first.</span>{/if}
    </div>
  </form>
</main>
