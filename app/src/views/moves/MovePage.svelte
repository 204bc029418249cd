<script lang="ts">
  import { plain } from '../../lib/words';
  import Figure from '../../figures/Figure.svelte';
  import { figureKey, figures } from '../../figures/figures.svelte';
  import { frames, type Motion } from '../../figures/frames.svelte';
  import { api, sentence, type MoveDetail } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import Header from '../../lib/Header.svelte';
  import { said, sideNames, type Side } from '../../lib/sides';
  import MotionFigure from '../../moves/MotionFigure.svelte';
  import SignKey from '../../moves/SignKey.svelte';
  import AddToClass from '../../moves/page/AddToClass.svelte';
  import BreathScript from '../../moves/page/BreathScript.svelte';
  import Companions from '../../moves/page/Companions.svelte';
  import WatchFor from '../../moves/page/WatchFor.svelte';
  import Ways from '../../moves/page/Ways.svelte';
  import WhoNeedsElse from '../../moves/page/WhoNeedsElse.svelte';
  import { breathName, doseOf, effortOf, sidesOf } from '../../moves/words';
  import WordsForAll from '../../script/WordsForAll.svelte';
  import { myWords } from '../../script/words.svelte';
  import Choice from './Choice.svelte';

  const { params }: { params: { id: string } } = $props();

  let move = $state.raw<MoveDetail | null>(null);
  let trouble = $state<string | null>(null);
  let motion = $state.raw<Motion | undefined>();
  let position = $state('');
  let option = $state('base');
  let side = $state<Exclude<Side, 'none'>>('right');
  let phase = $state(0);
  /** The move whose own words are open. */
  let own = $state<string | null>(null);

  const marks = ['◑ ', '◐ '];
  const sided = $derived(move !== null && move.summary.sides !== 'none');
  const options = $derived(['base', ...(move?.options.map((o) => o.name) ?? [])]);
  const say = (text: string) => said(text, side);
  $effect(() => {
    void catalogue.load();
    void myWords.load();
    void load(params.id);
  });

  async function load(id: string) {
    move = null;
    taken = null;
    trouble = null;
    try {
      const { data, error } = await api.GET('/api/moves/{id}', { params: { path: { id } } });
      if (!data) {
        trouble = sentence(error);
        return;
      }
      move = data;
      position = data.summary.positions[0]!;
      option = 'base';
      side = 'right';
      phase = Math.max(
        0,
        data.phases.findIndex((p) => p.breath === 'stay'),
      );
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  // What is advised hangs on position and option.
  let taken = $state.raw<MoveDetail | null>(null);
  let wanted = 0;
  $effect(() => {
    if (!move || !position) return;
    const turn = ++wanted;
    const params = { path: { id: move.summary.id }, query: { position, option } };
    void api.GET('/api/moves/{id}', { params }).then(
      ({ data }) => {
        if (turn === wanted) taken = data ?? null;
      },
      () => undefined,
    );
  });

  // The last request wins: an answer that comes late for another choice is dropped.
  let asked = 0;
  $effect(() => {
    if (!move || !position) return;
    const turn = ++asked;
    const wanted = [move.summary.id, position, option, sided ? side : 'right'] as const;
    void frames.load(...wanted).then(() => {
      if (turn === asked) motion = frames.of(...wanted);
    });
  });
</script>

<svelte:head><title>{move?.summary.name ?? 'Move'} · Ample Tide</title></svelte:head>
<Header here="moves" />

<main class="px-8 pb-16 max-md:px-4">
  {#if trouble}
    <h1 class="text-[28px]">There is no such page</h1>
    <p role="alert" class="my-4">{trouble}</p>
    <a class="press inline-flex items-center" href="#/moves">To all moves</a>
  {:else if !move}
    <p class="text-muted" role="status">Opening the move</p>
  {:else}
    {@const m = move}
    <div class="flex flex-wrap items-center gap-4">
      <h1 class="text-[32px]">{m.summary.name}</h1>
      <a class="press ml-auto inline-flex items-center" href="#/write/{m.summary.id}"
        >{m.summary.own ? 'Change it' : 'Make it your own'}</a
      >
      <button class="press" onclick={() => (own = m.summary.id)}>My words</button>
      <AddToClass along={{ move: m.summary.id, position, option }} />
    </div>
    {#if m.summary.names.length}
      <p class="mt-1 max-w-prose text-[15px]">Also called {m.summary.names.slice(0, 6).join(', ')}</p>
    {/if}
    <p class="mt-1 text-muted">
      {#if m.summary.traditional}<span lang="sa-Latn" class="italic">{m.summary.traditional}</span> ·{/if}
      {plain(m.summary.kind)} · {sidesOf(m.summary)} · {doseOf(m.summary)}
      {#if m.summary.optIn}· only where the group asks for it{/if}
    </p>

    <div class="mt-5 grid grid-cols-[400px_minmax(0,1fr)] gap-10 max-lg:grid-cols-1">
      <section aria-label="The figure">
        <MotionFigure
          frames={motion}
          label="{m.summary.name}, {breathName(m.phases[phase]?.breath ?? 'stay')}"
          width={400}
          height={330}
          bind:phase
        />
        <div class="mt-4 flex flex-wrap items-end gap-3">
          <Choice
            label="Position"
            any="First position"
            bind:value={() => position, (p) => (position = p || m.summary.positions[0]!)}
            options={m.summary.positions.map((p) => [p, catalogue.positions.get(p)?.name ?? plain(p)])}
          />
          {#if sided}
            <div
              role="group"
              aria-label={m.summary.sides === 'circling' ? 'Way round' : 'Side'}
              class="flex gap-1"
            >
              {#each ['right', 'left'] as const as s, i (s)}
                <button class="press capitalize" aria-pressed={side === s} onclick={() => (side = s)}
                  >{m.summary.sides === 'circling' ? '' : marks[i]}{sideNames(m.summary)[i]}</button
                >
              {/each}
            </div>
          {/if}
        </div>
        <div class="mt-5 grid grid-cols-3 items-start gap-2" role="group" aria-label="Options">
          {#each options as o (o)}
            <button
              class="rounded-2xl p-2 text-left hover:bg-band aria-pressed:bg-sand"
              aria-pressed={option === o}
              onclick={() => (option = o)}
            >
              <Figure
                figure={figures.of(figureKey(m.summary.id, position, o))}
                mirrored={side === 'left' && m.summary.second === 'mirror'}
                label=""
                width={116}
                height={92}
              />
              <span class="block text-[14px] font-bold">{o === 'base' ? 'as it is' : o}</span>
              <span class="block text-[13px] leading-snug text-muted"
                >{m.options.find((x) => x.name === o)?.cue ?? ''}</span
              >
            </button>
          {/each}
        </div>
        <div class="mt-4"><SignKey /></div>
      </section>

      <div class="grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-10 max-md:grid-cols-1">
        <section>
          <BreathScript move={m} {say} bind:phase />

          <WatchFor watch={m.watch} {say} />
          <h2 class="mt-7 text-[20px]">Take care</h2>
          <ul class="mt-2 list-disc space-y-1 pl-5">
            {#each m.cautions as caution (caution)}<li>{caution}</li>{/each}
          </ul>
          {#if m.summary.areas.length}<p class="mt-4 text-muted">
              Eases {m.summary.areas.map(plain).join(', ')}.
            </p>{/if}
          <p class="mt-1 text-muted">{effortOf(m)}</p>
          {#if m.summary.props.length || m.summary.helpful.length}
            <p class="mt-1 text-muted">
              {m.summary.props.length ? `Needs ${m.summary.props.map(plain).join(', ')}. ` : ''}{m.summary
                .helpful.length
                ? `Kinder with ${m.summary.helpful.map(plain).join(' or ')}.`
                : ''}
            </p>
          {/if}
          <Ways move={m} {position} />
        </section>

        <section>
          <Companions move={m} />
          <WhoNeedsElse
            conditions={taken?.conditions ?? m.conditions}
            milder={m.milder}
            computedOnly={m.computedOnly}
            {position}
          />
        </section>
      </div>
    </div>
  {/if}
</main>

<WordsForAll
  move={own}
  onclose={() => (own = null)}
  onkept={() => {
    void catalogue.again();
    void load(params.id);
  }}
/>
