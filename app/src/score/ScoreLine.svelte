<script lang="ts">
  import Lock from '@lucide/svelte/icons/lock';
  import Figure from '../figures/Figure.svelte';
  import { figureKey, figures } from '../figures/figures.svelte';
  import { breathLabel, cueOn } from '../lib/breath';
  import { catalogue } from '../lib/catalogue.svelte';
  import { chosen, type Side } from '../lib/sides';
  import { clock } from '../lib/time';
  import { shownIn } from '../moves/words';
  import { saySwap, shortSwap } from '../people/swaps';
  import Cue from './Cue.svelte';
  import DoseStepper from './DoseStepper.svelte';
  import type { Dragging } from './drag.svelte';
  import type { Following } from './following';
  import { stepOf, type Unit } from '../document/doses';
  import type { PlanState } from '../plan/plan.svelte';
  import type { LineRow } from './rows';
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
  const sides = $derived(move && !inSidedSet ? chosen(move, line.sides, leftFirst) : null);
  const side = $derived<Side>(sides?.said[0]?.side ?? 'right');
  const position = $derived(shownIn(move, result?.position));
  const unit = $derived((result?.unit ?? move?.dose.unit ?? 'breaths') as Unit);
  const amount = $derived(line[unit] ?? result?.amount ?? move?.dose.usual ?? 1);
  const step = $derived(stepOf(unit, move?.sides === 'alternating'));
  const cueOf = (breath: string) => (move ? cueOn(move.phases, breath) : undefined);
  const lone = $derived(move && !cueOf('in') && !cueOf('out') ? move.phases[0] : null);
  const key = $derived(figureKey(line.move, position, line.option ?? 'base'));
  const swaps = $derived((plan.score?.swaps ?? []).filter((s) => s.line === id && s.advice !== 'fine'));
  const conditionOf = (of: string) => catalogue.conditions.find((c) => c.id === of);
  const startMs = $derived(result?.occurrences[0]?.startMs);
  const selected = $derived(plan.selection.has(id));

  /** A press selects; with Shift from the selected line to here, with Ctrl or several at a time as one more. */
  function press(event: MouseEvent) {
    const more = event.ctrlKey || event.metaKey || plan.selection.several;
    if (event.shiftKey) plan.selection.extendTo(id, order);
    else if (more) plan.selection.toggle(id);
    else plan.selected = id;
  }

  /** So does a press anywhere in the line that is meant for nothing else. */
  function pressLine(event: MouseEvent) {
    if (!(event.target as Element).closest('button, input, a, select')) press(event);
  }

  // The focus would make the line the only one that is selected before the press is over.
  function hold(event: MouseEvent) {
    if (event.shiftKey || event.ctrlKey || event.metaKey || plan.selection.several) event.preventDefault();
  }
</script>

<!-- The keys go by the clock's button. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<div
  class="line"
  onclick={pressLine}
  class:selected
  class:at={plan.selected === id}
  class:carried={dragging.carried === id}
  class:before={dragging.at(id, 'before')}
  class:after={dragging.at(id, 'after')}
  class:concerned={plan.concerned.includes(id)}
  role="listitem"
  data-line={id}
  {@attach dragging.item(id)}
  {@attach following.line(id)}
>
  <button
    class="text-left text-muted"
    tabindex={plan.selected === id ? 0 : -1}
    data-select={id}
    aria-pressed={selected}
    onmousedown={hold}
    onclick={press}
    onfocus={() => {
      if (!selected) plan.selected = id;
    }}
  >
    {startMs === undefined ? '–' : clock(startMs)}<span class="sr-only"> {move?.name ?? line.move}</span>
  </button>
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
      {:else if inSidedSet && move && move.sides !== 'none'}
        <span>follows the set</span>
      {/if}
      {#if line.option && line.option !== 'base'}<span>{line.option}</span>{/if}
      {#if line.locked}<span class="inline-flex items-center gap-1"
          ><Lock size={13} aria-hidden="true" />locked</span
        >{/if}
      {#if !move}<span class="text-serious">not in the catalogue</span>{/if}
      {#if swaps.length > 0}
        <span class="swaps" title={swaps.map((s) => saySwap(s, conditionOf(s.condition))).join('\n')}
          >{swaps
            .slice(0, 2)
            .map((s) => shortSwap(s, conditionOf(s.condition)))
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
</div>

<style>
  .line {
    display: grid;
    grid-template-columns: 52px 88px minmax(150px, 1.1fr) 140px minmax(0, 1fr) minmax(0, 1fr);
    align-items: center;
    gap: 10px;
    min-height: 74px;
    margin-left: -6px;
    padding: 4px 14px 4px 6px;
    border-radius: 14px;
    /* Lines out of sight are neither laid out nor painted. */
    content-visibility: auto;
    contain-intrinsic-size: auto 74px;
  }
  .line > button {
    min-height: 40px;
    padding-left: 8px;
  }
  .selected {
    background: var(--raised);
    box-shadow: inset 0 0 0 1px var(--deep);
  }
  .at {
    box-shadow: inset 0 0 0 2px var(--deep);
  }
  .carried {
    opacity: 0.45;
  }
  .before {
    box-shadow: inset 0 3px 0 var(--deep);
  }
  .after {
    box-shadow: inset 0 -3px 0 var(--deep);
  }
  .concerned {
    background: var(--band);
  }
  .picture {
    cursor: grab;
  }
  .sides {
    display: inline-flex;
    flex-wrap: wrap;
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
    .line {
      grid-template-columns: 46px 68px minmax(0, 1fr) 132px;
      gap: 8px;
    }
    .cues {
      display: none;
    }
  }
  @media (max-width: 560px) {
    .line {
      grid-template-columns: 52px minmax(0, 1fr) 124px;
      gap: 6px;
      padding-right: 4px;
    }
    .picture {
      display: none;
    }
  }
</style>
