<script lang="ts">
  import Lock from '@lucide/svelte/icons/lock';
  import Figure from '../figures/Figure.svelte';
  import { figureKey, figures } from '../figures/figures.svelte';
  import { breathLabel, cueOn } from '../lib/breath';
  import { catalogue } from '../lib/catalogue.svelte';
  import { chosen, type Side } from '../lib/sides';
  import { unitFor } from '../lib/words';
  import { shownIn } from '../moves/words';
  import { besideAll, saySwap, shortSwap } from '../people/swaps';
  import Cue from './Cue.svelte';
  import DoseStepper from './DoseStepper.svelte';
  import type { Dragging } from './drag.svelte';
  import type { Following } from './following';
  import { stepOf, type Unit } from '../document/doses';
  import type { PlanState } from '../plan/plan.svelte';
  import type { LineRow } from './rows';
  import ScoreItem from './ScoreItem.svelte';
  import SideMark from './SideMark.svelte';

  interface Props {
    plan: PlanState;
    row: LineRow;
    following: Following;
    inSidedSet: boolean;
    dragging: Dragging;
    /** The lines of the class, for selecting from one to another. */
    order: readonly string[];
    onsides: (id: string, anchor: HTMLElement) => void;
  }

  const { plan, row, following, inSidedSet, dragging, order, onsides }: Props = $props();

  // Told apart so that a new score of the class reaches only what it changes in a line.
  const line = $derived(row.line);
  const result = $derived(row.score);
  const id = $derived(line.id ?? '');
  const move = $derived(catalogue.moves.get(line.move));
  const leftFirst = $derived(plan.document?.conventions?.firstSide === 'left');
  // In a round of a set the side is the round's, where the line does not say its own.
  const follows = $derived(inSidedSet && !line.sides && move?.sides !== 'circling');
  const sides = $derived(move && !follows ? chosen(move, line.sides, leftFirst) : null);
  const side = $derived<Side>(sides?.said[0]?.side ?? 'right');
  const position = $derived(shownIn(move, result?.position));
  const unit = $derived((result?.unit ?? move?.dose.unit ?? 'breaths') as Unit);
  const amount = $derived(line[unit] ?? result?.amount ?? move?.dose.usual ?? 1);
  const step = $derived(stepOf(unit, move?.sides === 'alternating'));
  const cueOf = (breath: string) => (move ? cueOn(move.phases, breath) : undefined);
  const lone = $derived(move && !cueOf('in') && !cueOf('out') ? move.phases[0] : null);
  const key = $derived(figureKey(line.move, position, line.option ?? 'base'));
  // Whom it takes most from comes first: there is room for two.
  const swaps = $derived(
    (result && !plan.elsewhereFrom.includes(id) ? besideAll(result) : (result?.conditions ?? [])).toSorted(
      (a, b) => Number(b.advice === 'leave-out') - Number(a.advice === 'leave-out'),
    ),
  );
  const startMs = $derived(result?.occurrences[0]?.startMs);
</script>

<ScoreItem {plan} {id} name={move?.name ?? line.move} {startMs} {following} {dragging} {order}>
  <div class="picture" aria-hidden="true" data-grip title="Drag to move">
    {#if move && position}
      <Figure figure={figures.of(key)} mirrored={side === 'left'} label={move.name} width={84} height={64} />
    {/if}
  </div>
  <div class="min-w-0">
    <h3 class="font-sans text-[16px] leading-snug font-bold">{move?.name ?? line.move}</h3>
    <div class="flex flex-wrap items-center gap-x-3 text-[13.5px] text-muted">
      {#if sides}
        <button
          class="sides"
          aria-label="Sides of {move?.name}: {sides.said.map((s) => s.text).join(', then ')}"
          onclick={(e) => onsides(id, e.currentTarget)}
        >
          {#each sides.said as said (said.text)}<SideMark text={said.text} side={said.side} />{/each}
        </button>
      {:else if follows && move && move.sides !== 'none'}
        <button class="sides" onclick={(e) => onsides(id, e.currentTarget)}
          >follows the set<span class="sr-only">, sides of {move.name}</span></button
        >
      {/if}
      {#if line.goesOn}<span>goes on</span>{/if}
      {#if line.perEnd}<span>{line.perEnd} {unitFor(line.perEnd, 'breaths')} at each end</span>{/if}
      {#if line.eyes}<span>eyes {line.eyes}</span>{/if}
      {#if line.option && line.option !== 'base'}<span>{line.option}</span>{/if}
      {#if line.locked}<span class="inline-flex items-center gap-1"
          ><Lock size={13} aria-hidden="true" />locked</span
        >{/if}
      {#if !move}<span class="text-serious">not in the catalogue</span>{/if}
      {#if swaps.length > 0}
        <span class="swaps" title={swaps.map((s) => saySwap(s, catalogue, result?.position)).join('\n')}
          >{swaps
            .slice(0, 2)
            .map((s) => shortSwap(s, catalogue, result?.position))
            .join('; ')}{swaps.length > 2 ? `, and ${swaps.length - 2} more` : ''}</span
        >
      {/if}
      {#if result?.wayMissing}<span class="text-serious">no way here</span>{/if}
    </div>
  </div>
  <DoseStepper
    name={move?.name ?? line.move}
    {unit}
    {amount}
    {step}
    locked={line.locked ?? false}
    onchange={(next) => plan.setDose(id, unit, next)}
  />
  {#if lone}
    <div class="cues lone">
      <Cue label={lone.breath === 'stay' ? 'stay' : 'beat'} cue={lone.cue} {side} />
    </div>
  {:else if move}
    <div class="cues"><Cue label="in" cue={cueOf('in') ?? cueOf('stay') ?? ''} {side} /></div>
    <div class="cues">
      <Cue
        label={breathLabel('out', plan.document?.conventions)}
        cue={cueOf('out') ?? cueOf('stay') ?? ''}
        {side}
      />
    </div>
  {/if}
</ScoreItem>

<style>
  .picture {
    cursor: grab;
  }
  .sides {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 10px;
    min-height: 26px;
    border-radius: 6px;
    text-decoration: underline dotted transparent;
    text-underline-offset: 3px;
  }
  .sides:hover {
    text-decoration-color: currentColor;
  }
  .swaps {
    color: var(--notable);
  }
  .lone {
    grid-column: span 2;
  }
  @media (max-width: 1100px) {
    .cues {
      display: none;
    }
  }
  @media (max-width: 560px) {
    .picture {
      display: none;
    }
  }
</style>
