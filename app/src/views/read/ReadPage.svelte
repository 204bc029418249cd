<script lang="ts">
  import { onMount } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { api, sentence, type ReadText } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import Header from '../../lib/Header.svelte';
  import ReadLine from '../../read/ReadLine.svelte';
  import { withChoices } from '../../read/choose';
  import { unsent } from '../../read/jotted';

  const before = unsent.read();
  let title = $state(before?.title ?? '');
  let text = $state(before?.text ?? '');
  let chosen = $state<Record<number, string | null>>(before?.chosen ?? {});
  let read = $state.raw<ReadText | null>(null);
  let trouble = $state<string | null>(null);
  let busy = $state(false);

  // What is typed and chosen here outlives a reload.
  $effect(() => unsent.keep({ title, text, chosen: $state.snapshot(chosen) }));
  onMount(() => {
    void catalogue.load();
    if (text.trim()) void understand(false);
  });

  const unsure = $derived(read?.lines.filter((l, i) => !l.sure && chosen[i] === undefined).length ?? 0);
  const example =
    'Warm:\nCat cow x5\nthread needle R+L 3 br\nstand up\nMountain, 4 breaths\nfinal rest 5 min';

  async function understand(anew = true) {
    busy = true;
    try {
      const { data, error } = await api.POST('/api/read-text', {
        body: { text, title: title.trim() || undefined },
      });
      trouble = error ? sentence(error) : null;
      if (anew) chosen = {};
      read = data ?? null;
    } catch (problem) {
      trouble = sentence(problem);
    }
    busy = false;
  }

  async function make() {
    if (!read) return;
    busy = true;
    try {
      const document = { ...withChoices(read, chosen), title: title.trim() || 'Pasted plan', id: undefined };
      const { response, error } = await api.POST('/api/classes', { body: document });
      if (error) trouble = sentence(error);
      else {
        unsent.forget();
        await push(`/plan/${(response.headers.get('location') ?? '').split('/').pop()}`);
        unsent.forget();
      }
    } catch (problem) {
      trouble = sentence(problem);
    }
    busy = false;
  }
</script>

<svelte:head><title>From text · Ample Tide</title></svelte:head>

<Header here="shelf" />

<main class="mx-auto max-w-5xl px-6 pb-20 max-md:px-3">
  <h1 class="text-[32px]">A class from text</h1>
  <p class="mt-1 max-w-prose text-muted">
    Paste a plan as you write it for yourself, a line a move. Doses, sides and places are read from plain
    words; you see what was understood before anything is kept.
  </p>
  <div class="mt-5 grid gap-6 md:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
    <div>
      <label class="block">
        Title
        <input class="field" maxlength="200" bind:value={title} />
      </label>
      <label class="mt-3 block">
        The plan
        <textarea
          class="field text-[16px]"
          rows="16"
          spellcheck="false"
          placeholder={example}
          bind:value={text}
          onkeydown={(e) => {
            if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) void understand();
          }}></textarea>
      </label>
      <button
        class="{read ? 'press' : 'press-deep'} mt-3"
        disabled={busy || !text.trim()}
        onclick={() => void understand()}>{read ? 'Read it again' : 'Read it'}</button
      >
    </div>
    <section aria-live="polite">
      {#if trouble}<p role="alert" class="mb-3 rounded-xl bg-sand px-4 py-2">{trouble}</p>{/if}
      {#if read && catalogue.moves.size > 0}
        <h2 class="text-[21px]">What I understood</h2>
        <p class="text-muted">
          {read.lines.length}
          {read.lines.length === 1 ? 'line' : 'lines'}{unsure > 0
            ? `, ${unsure} not sure: look at those first`
            : ', all of them sure'}.
        </p>
        <ol class="mt-3 divide-y divide-line">
          {#each read.lines as line, i (i)}
            <ReadLine {line} choice={chosen[i]} onchoose={(move) => (chosen = { ...chosen, [i]: move })} />
          {/each}
        </ol>
        <button class="press-deep mt-5" disabled={busy} onclick={() => void make()}>Make the class</button>
      {/if}
    </section>
  </div>
</main>
