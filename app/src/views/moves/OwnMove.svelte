<script lang="ts">
  import Redo from '@lucide/svelte/icons/redo-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { push } from 'svelte-spa-router';
  import { api, sentence, type BodyAxis, type Preview } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import Header from '../../lib/Header.svelte';
  import { blank, copyOf, idOf } from '../../moves/draft';
  import MotionFigure from '../../moves/MotionFigure.svelte';
  import DragFigure from '../../moves/own/DragFigure.svelte';
  import MoveFields from '../../moves/own/MoveFields.svelte';
  import { OwnMoveText } from '../../moves/own/ownMove.svelte';
  import PictureFields from '../../moves/own/PictureFields.svelte';
  import PhaseFields from '../../moves/own/PhaseFields.svelte';
  import ShapeSliders from '../../moves/own/ShapeSliders.svelte';
  import TextEditor from '../../moves/own/TextEditor.svelte';

  const { params }: { params?: { id?: string } } = $props();

  const move = new OwnMoveText();
  let kept = $state('');
  /** The id it is stored under; null until it is kept for the first time. */
  let stored = $state<string | null>(null);
  let preview = $state.raw<Preview | null>(null);
  let axes = $state.raw<BodyAxis[]>([]);
  let wrong = $state.raw<{ line: number; detail: string }[]>([]);
  let trouble = $state<string | null>(null);
  let phase = $state(0);
  let asText = $state(false);
  let playing = $state(false);
  let editor: TextEditor | undefined = $state();

  const unkept = $derived(move.text !== kept);
  const body = $derived(preview?.bodies[phase]);
  const still = $derived(preview?.frames.phases[phase]?.at(-1));

  $effect(() => void begin(params?.id));

  async function begin(id: string | undefined) {
    await catalogue.load();
    axes = (await api.GET('/api/body')).data ?? [];
    [stored, trouble] = [null, null];
    if (!id) {
      kept = blank;
      move.begin(blank);
      return;
    }
    const { data, error } = await api.GET('/api/moves/{id}/text', { params: { path: { id } } });
    if (!data) {
      trouble = sentence(error);
      return;
    }
    // One that cannot be read any more is nobody's in the catalogue, and still the teacher's own.
    const own = catalogue.moves.get(id)?.own ?? true;
    stored = own ? id : null;
    move.begin(own ? data.yaml : copyOf(data.yaml));
    kept = own ? data.yaml : '';
  }

  // Looked at a moment after the last edit; an answer that comes late is dropped.
  let turn = 0;
  $effect(() => {
    const text = move.text;
    if (!text) return;
    const mine = ++turn;
    const timer = setTimeout(() => void look(text, mine), 150);
    return () => clearTimeout(timer);
  });

  async function look(text: string, mine: number) {
    try {
      const { data, error } = await api.POST('/api/moves/preview', { body: { yaml: text } });
      if (mine !== turn) return;
      trouble = null;
      if (data) {
        [preview, wrong] = [data, []];
        phase = Math.min(phase, data.phases.length - 1);
      } else wrong = problemsOf(error);
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  function problemsOf(error: unknown) {
    const errors = (error as { errors?: { pointer: string; detail: string }[] }).errors;
    if (!errors) trouble = sentence(error);
    return (errors ?? []).map((e) => ({ line: Number(e.pointer.split('/').at(-1)) || 1, detail: e.detail }));
  }

  async function keep() {
    try {
      const yaml = move.text;
      const { response, error } = stored
        ? await api.PUT('/api/moves/{id}', { params: { path: { id: stored } }, body: { yaml } })
        : await api.POST('/api/moves', { body: { yaml } });
      if (!response.ok) {
        wrong = problemsOf(error);
        return;
      }
      kept = yaml;
      stored = idOf(yaml);
      await catalogue.again();
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  async function remove() {
    if (!stored || !confirm('Delete this move? Classes that use it keep its lines, but no longer know it.'))
      return;
    const { response, error } = await api.DELETE('/api/moves/{id}', { params: { path: { id: stored } } });
    if (!response.ok) {
      trouble = sentence(error);
      return;
    }
    kept = move.text;
    await catalogue.again();
    await push('/moves');
  }

  function goTo(line: number) {
    asText = true;
    requestAnimationFrame(() => editor?.goTo(line));
  }

  function download() {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([move.text], { type: 'application/yaml' }));
    link.download = `${idOf(move.text)}.yaml`;
    link.click();
    URL.revokeObjectURL(link.href);
  }

  async function bringIn(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) move.type(await file.text());
  }

  function leave(event: BeforeUnloadEvent) {
    if (unkept) event.preventDefault();
  }

  function key(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || asText) return;
    event.preventDefault();
    if (event.shiftKey) move.redo();
    else move.undo();
  }
</script>

<svelte:head><title>A move of your own · Ample Tide</title></svelte:head>
<svelte:window onbeforeunload={leave} onkeydown={key} />
<Header here="moves" />

<main class="px-8 pb-16 max-md:px-4">
  <div class="flex flex-wrap items-center gap-2">
    <h1 class="mr-auto text-[32px]">{stored ? 'Your move' : 'A move of your own'}</h1>
    <span class="text-muted" role="status">
      {wrong.length ? `${wrong.length} to mend` : unkept ? 'Not kept yet' : stored ? 'Kept' : ''}
    </span>
    <button class="press" aria-label="Undo" disabled={!move.canUndo} onclick={() => move.undo()}
      ><Undo size={18} /></button
    >
    <button class="press" aria-label="Redo" disabled={!move.canRedo} onclick={() => move.redo()}
      ><Redo size={18} /></button
    >
    <button class="press" aria-pressed={asText} onclick={() => (asText = !asText)}
      >{asText ? 'As fields' : 'As text'}</button
    >
    <label class="press inline-flex cursor-pointer items-center focus-within:outline-3"
      >Bring in a file<input type="file" accept=".yaml,.yml" class="sr-only" onchange={bringIn} /></label
    >
    <button class="press" onclick={download}>Download</button>
    {#if stored}<button class="press" onclick={remove}>Delete</button>{/if}
    <button class="press-deep" onclick={keep} disabled={wrong.length > 0 || !unkept}>Keep it</button>
  </div>
  {#if trouble}<p role="alert" class="mt-4 rounded-xl bg-sand px-4 py-3">{trouble}</p>{/if}
  <ul class="mt-2 space-y-1" aria-live="polite" aria-label="To mend">
    {#each wrong as w, i (i)}
      <li>
        <button class="text-left text-serious underline underline-offset-4" onclick={() => goTo(w.line)}
          >Line {w.line}</button
        >
        {w.detail}
      </li>
    {/each}
  </ul>

  <div class="mt-4 grid grid-cols-[minmax(0,1fr)_minmax(0,520px)] gap-8 max-lg:grid-cols-1">
    <section aria-label="The move">
      {#if asText}
        <TextEditor bind:this={editor} {move} />
      {:else if move.readable}
        <MoveFields {move} />
        <PictureFields {move} {preview} />
      {:else if move.text}
        <p>
          The text cannot be read as a move yet. <button class="press" onclick={() => (asText = true)}
            >See the text</button
          >
        </p>
      {/if}
    </section>

    <section aria-label="The figure">
      {#if preview && body && still}
        <div class="sticky top-0 z-10 bg-ground pb-2 max-lg:static">
          {#if playing}
            <MotionFigure frames={preview.frames} label={preview.name} width={520} height={330} bind:phase />
          {:else}
            <DragFigure
              figure={still}
              box={preview.frames.box}
              {body}
              stage={preview.stage}
              {axes}
              label="{preview.name}, the end of phase {phase + 1}"
              width={520}
              height={330}
              onshape={(angles) => move.shape(phase, angles)}
            />
          {/if}
          <button class="press mt-2" aria-pressed={playing} onclick={() => (playing = !playing)}
            >{playing ? 'Back to shaping' : 'See it move'}</button
          >
          <span class="ml-2 text-muted">Drag a hand, elbow, knee, foot or the head.</span>
        </div>
        {#if move.readable}
          <div class="mt-4"><PhaseFields {move} bind:phase /></div>
          <h2 class="mt-5 mb-2 text-[19px]">The shape at its end</h2>
          <ShapeSliders
            {axes}
            angles={body.angles}
            onchange={(name, degrees) => move.shape(phase, { [name]: degrees }, name)}
          />
        {/if}
      {:else}
        <p class="text-muted" role="status">The figure comes with the first text that can be read.</p>
      {/if}
    </section>
  </div>
</main>
