<script lang="ts">
  import Printer from '@lucide/svelte/icons/printer';
  import { onDestroy, onMount, tick } from 'svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { lineOf, placeOf } from '../../document/edits';
  import { sideNames } from '../../lib/sides';
  import { clock } from '../../lib/time';
  import { unitFor } from '../../lib/words';
  import { besideAll, saySwap, type Names } from '../../people/swaps';
  import type { PlanState } from '../../plan/plan.svelte';
  import SideMark from '../../score/SideMark.svelte';
  import { myWords } from '../../script/words.svelte';
  import SaidRow from '../../script/SaidRow.svelte';
  import { scriptOf, type SpokenPass } from '../../script/script';
  import WordsForAll from '../../script/WordsForAll.svelte';

  const { plan }: { plan: PlanState } = $props();

  // Everything that is said comes with the events.
  onMount(() => {
    plan.detailed = true;
    void myWords.load();
  });
  const passes = $derived(plan.score?.events ? scriptOf(plan.score) : []);
  const names = $derived<Names>(catalogue);
  let forAll = $state<string | null>(null);
  let undoWords = $state.raw<(() => Promise<void>) | null>(null);
  /** Which side right and left are of: the group's, or the teacher's own who faces it. */
  let mirrored = $state(false);
  /** Where reading through has got to; null while it is not. */
  let reading = $state<number | null>(null);

  /** The section a pass begins, or nothing where it goes on with the one before. */
  function sectionAt(i: number): string {
    const of = (pass: SpokenPass | undefined) =>
      pass && plan.document && placeOf(plan.document, pass.line)?.section;
    const section = of(passes[i]);
    return section && section !== of(passes[i - 1]) ? (section.name ?? '') : '';
  }

  const isFirst = (i: number) => passes.findIndex((p) => p.line === passes[i]!.line) === i;

  function shownSide(side: SpokenPass['side']) {
    if (!mirrored || side === 'none') return side;
    return side === 'right' ? 'left' : 'right';
  }

  /** Right and left change places where the teacher's own side is read. */
  const seen = (text: string) =>
    mirrored
      ? text.replace(/\b(right|left)\b/gi, (word) => {
          const other = word.toLowerCase() === 'right' ? 'left' : 'right';
          return /^[A-Z]/.test(word) ? other[0]!.toUpperCase() + other.slice(1) : other;
        })
      : text;

  function ownOf(line: string, field: string | null): string | undefined {
    const written = plan.line(line);
    if (!field || !written) return undefined;
    return (field === 'talk' ? written.talk : written.say?.[field]) ?? undefined;
  }

  function change(id: string, field: string, text: string | null) {
    plan.change('own words', (document) => {
      const line = lineOf(document, id);
      if (!line) return;
      if (field === 'talk') {
        if (text) line.talk = text;
        else delete line.talk;
        return;
      }
      const say = { ...line.say };
      if (text) say[field] = text;
      else delete say[field];
      line.say = say;
    });
  }

  async function read(to: number) {
    if (passes.length === 0) return;
    reading = Math.max(0, Math.min(passes.length - 1, to));
    await tick();
    document.querySelector(`[data-pass="${reading}"]`)?.scrollIntoView({ block: 'center' });
  }

  function key(event: KeyboardEvent) {
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'r') void read(reading === null ? 0 : reading);
    else if (reading === null) return;
    else if (['ArrowDown', 'ArrowRight', 'PageDown', ' '].includes(event.key)) void read(reading + 1);
    else if (['ArrowUp', 'ArrowLeft', 'PageUp'].includes(event.key)) void read(reading - 1);
    else if (event.key === 'Escape') reading = null;
    else return;
    event.preventDefault();
  }

  const findings = $derived(
    new Map(
      (plan.score?.findings ?? [])
        .filter((f) => ['words-plan', 'unnamed-side', 'talk-fits'].includes(f.rule))
        .flatMap((f) => f.lines.map((l) => [l, f.text] as const)),
    ),
  );
  onDestroy(() => (plan.detailed = false));
</script>

<svelte:window onkeydown={key} />

<div class="script mx-auto max-w-4xl px-6 pb-24 max-md:px-3">
  <div class="mb-3 flex flex-wrap items-center gap-3">
    <h2 class="text-[21px]">As it is spoken</h2>
    <label class="flex items-center gap-2 text-[14.5px] print:hidden">
      <input type="checkbox" class="size-5" bind:checked={mirrored} />from my own side, facing the group
    </label>
    <span class="ml-auto flex gap-2 print:hidden">
      <button class="press" onclick={() => (reading === null ? void read(0) : (reading = null))}
        >{reading === null ? 'Read through (r)' : 'Stop reading'}</button
      >
      <a class="press inline-flex items-center" href="#/sheet/{plan.id}">Class sheet</a>
      <a class="press inline-flex items-center" href="#/practice/{plan.id}">For home</a>
      <button class="press inline-flex items-center gap-2" onclick={() => print()}
        ><Printer size={18} aria-hidden="true" />Print</button
      >
    </span>
  </div>
  <p class="mb-4 text-[14.5px] text-muted print:hidden">
    Press on words to change them for this line; <i>My words</i> changes them for all classes.
    {#if reading !== null}Arrow keys go on and back, Escape ends.{/if}
  </p>
  {#if undoWords}
    <p role="status" class="mb-3 flex items-center gap-3 rounded-xl bg-sand px-4 py-2">
      Your words are kept for all classes.
      <button
        class="underline underline-offset-4"
        onclick={async () => {
          await undoWords?.();
          undoWords = null;
          await plan.again();
        }}>Undo</button
      >
      <button class="ml-auto" aria-label="Close" onclick={() => (undoWords = null)}>✕</button>
    </p>
  {/if}
  {#if passes.length === 0}<p class="text-muted" role="status">Putting it into words</p>{/if}
  <ol>
    {#each passes as pass, i (i)}
      {@const line = plan.line(pass.line)}
      {@const move = catalogue.moves.get(line?.move ?? '')}
      {@const scored = plan.score?.lines.find((l) => l.id === pass.line)}
      {#if sectionAt(i)}
        <li><h3 class="mt-6 mb-1 text-[18px]">{sectionAt(i)}</h3></li>
      {/if}
      <li
        data-pass={i}
        class="break-inside-avoid border-t border-line py-2.5 {reading === i ? 'bg-sand' : ''} {reading !==
          null && reading !== i
          ? 'opacity-55'
          : ''}"
        aria-current={reading === i ? 'step' : undefined}
      >
        <div class="flex flex-wrap items-baseline gap-x-3">
          <span class="w-[104px] text-right text-[14px] text-muted">{clock(pass.startMs)}</span>
          <b>{move?.name ?? (scored?.kind === 'wait' ? 'Waiting' : 'Talk')}</b>
          {#if move && pass.side !== 'none'}
            <SideMark
              text={mirrored && move.sides !== 'circling'
                ? `my ${shownSide(pass.side)}`
                : sideNames(move)[pass.side === 'right' ? 0 : 1]}
              side={shownSide(pass.side)}
            />
          {/if}
          {#if scored && move && pass.count > 0}<span class="text-[14.5px] text-muted"
              >{scored.amount} {unitFor(scored.amount, scored.unit)}, counted down</span
            >{/if}
          {#if move && isFirst(i) && reading === null}
            <button
              class="ml-auto inline-flex min-h-6 items-center text-[13.5px] text-muted underline underline-offset-4 print:hidden"
              onclick={() => (forAll = move.id)}
              >My words{myWords.all[move.id] ? ' ✓' : ''}<span class="sr-only"> for {move.name}</span></button
            >
          {/if}
        </div>
        {#if isFirst(i) && findings.has(pass.line)}
          <p class="ml-[116px] text-[14px] text-notable print:hidden">{findings.get(pass.line)}</p>
        {/if}
        {#each pass.said as said, j (j)}
          <SaidRow
            said={{ ...said, text: seen(said.text) }}
            own={ownOf(pass.line, said.field)}
            editable={reading === null && !mirrored}
            onchange={(text) => change(pass.line, said.field!, text)}
          />
          {#if j === 0 && isFirst(i)}
            {#if move?.easier && line?.option !== 'easier'}
              <div class="grid grid-cols-[104px_minmax(0,1fr)] gap-x-3 py-0.5">
                <span class="pt-0.5 text-right text-[13.5px] text-muted">easier</span>
                <p>{seen(move.easier)}</p>
              </div>
            {/if}
            {#each scored ? besideAll(scored) : [] as swap (swap.with.join())}
              <div class="grid grid-cols-[104px_minmax(0,1fr)] gap-x-3 py-0.5">
                <span class="pt-0.5 text-right text-[13.5px] text-muted">for some</span>
                <p class="text-[14.5px]">{saySwap(swap, names, scored?.position)}</p>
              </div>
            {/each}
          {/if}
        {/each}
      </li>
    {/each}
  </ol>
</div>

<WordsForAll
  move={forAll}
  onclose={() => (forAll = null)}
  onkept={(undo) => {
    undoWords = undo;
    void plan.again();
  }}
/>

<style>
  /* A class is held in one hand: as few sheets as can be read at arm's length. */
  @media print {
    .script {
      max-width: none;
      padding: 0;
    }
    .script ol {
      columns: 2;
      column-gap: 10mm;
      zoom: 0.66;
    }
  }
</style>
