<script lang="ts">
  import Redo from '@lucide/svelte/icons/redo-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { onMount } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { api, sentence, type BodyAxis } from '../../lib/api/client';
  import Header from '../../lib/Header.svelte';
  import { idOf } from '../../moves/draft';
  import MotionFigure from '../../moves/MotionFigure.svelte';
  import { OwnMoveDesk } from '../../moves/own/desk.svelte';
  import DragFigure from '../../moves/own/DragFigure.svelte';
  import MoveFields from '../../moves/own/MoveFields.svelte';
  import PictureFields from '../../moves/own/PictureFields.svelte';
  import PhaseFields from '../../moves/own/PhaseFields.svelte';
  import { onBothSides, type Sides } from '../../moves/own/axes';
  import ShapeSliders from '../../moves/own/ShapeSliders.svelte';
  import TextEditor from '../../moves/own/TextEditor.svelte';

  const { params }: { params?: { id?: string } } = $props();

  const desk = new OwnMoveDesk();
  const { move } = desk;
  const preview = $derived(desk.preview);
  let axes = $state.raw<BodyAxis[]>([]);
  let phase = $state(0);
  let asText = $state(false);
  let playing = $state(false);
  /** Whether sliders and drags change both sides alike. */
  let sides = $state<Sides>('both');
  let editor: TextEditor | undefined = $state();

  /** Why it cannot be kept as it is, or nothing. */
  const off = $derived(
    desk.wrong.length > 0
      ? `${desk.wrong.length === 1 ? 'One thing' : `${desk.wrong.length} things`} to mend before it can be kept`
      : desk.unkept
        ? ''
        : 'Nothing has changed since it was kept',
  );
  const body = $derived(preview?.bodies[phase]);
  const still = $derived(preview?.frames.phases[phase]?.at(-1));

  onMount(() => {
    api.GET('/api/body').then(
      ({ data }) => (axes = data ?? []),
      (problem: unknown) => (desk.trouble = sentence(problem)),
    );
  });
  $effect(() => void desk.begin(params?.id));

  // Looked at a moment after the last edit.
  $effect(() => {
    if (!move.text) return;
    desk.note();
    const timer = setTimeout(() => void desk.look(), 150);
    return () => clearTimeout(timer);
  });

  $effect(() => {
    if (preview) phase = Math.min(phase, preview.phases.length - 1);
  });

  async function remove() {
    if (!confirm('Delete this move? Classes that use it keep its lines, but no longer know it.')) return;
    if (await desk.remove()) await push('/moves');
  }

  function goTo(line: number) {
    asText = true;
    requestAnimationFrame(() => editor?.goTo(line));
  }

  function exportFile() {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([move.text], { type: 'application/yaml' }));
    link.download = `${idOf(move.text)}.yaml`;
    link.click();
    URL.revokeObjectURL(link.href);
  }

  async function importFile(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) move.type(await file.text());
  }

  function leave(event: BeforeUnloadEvent) {
    if (desk.unkept) event.preventDefault();
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
    <h1 class="mr-auto text-[32px]">{desk.stored ? 'Your move' : 'A move of your own'}</h1>
    <span class="text-muted" role="status">
      {desk.wrong.length > 0 ? off : desk.unkept ? 'Not kept yet' : desk.stored ? 'Kept' : ''}
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
      >Import<input type="file" accept=".yaml,.yml" class="sr-only" onchange={importFile} /></label
    >
    <button class="press" onclick={exportFile}>Export</button>
    {#if desk.stored}<button class="press" onclick={remove}>Delete</button>{/if}
    <button
      class="press-deep"
      onclick={() => {
        if (!off) void desk.keep();
      }}
      aria-disabled={off !== ''}
      title={off || undefined}>Keep it</button
    >
  </div>
  {#if desk.goesOn}
    <p role="status" class="mt-4 flex flex-wrap items-center gap-4 rounded-xl bg-sand px-4 py-2">
      This goes on with what you had written here and not kept.
      <button class="press ring-1 ring-line" onclick={() => void desk.startOver(params?.id)}
        >Start over</button
      >
    </p>
  {/if}
  {#if desk.trouble}<p role="alert" class="mt-4 rounded-xl bg-sand px-4 py-3">{desk.trouble}</p>{/if}
  <ul class="mt-2 space-y-1" aria-live="polite" aria-label="To mend">
    {#each desk.wrong as w, i (i)}
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
              onshape={(angles) => move.shape(phase, sides === 'both' ? onBothSides(angles) : angles)}
            />
          {/if}
          <button class="press mt-2" aria-pressed={playing} onclick={() => (playing = !playing)}
            >{playing ? 'Back to shaping' : 'See it move'}</button
          >
          <span class="ml-2 text-muted"
            >Drag a hand, elbow, knee, foot or the head{sides === 'both'
              ? '; the other side does the same'
              : ''}.</span
          >
        </div>
        {#if move.readable}
          <div class="mt-4"><PhaseFields {move} bind:phase /></div>
          <h2 class="mt-5 mb-2 text-[19px]">The shape at its end</h2>
          <ShapeSliders
            bind:sides
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
