<script lang="ts">
  import Hourglass from '@lucide/svelte/icons/hourglass';
  import MessageSquare from '@lucide/svelte/icons/message-square-text';
  import { isWait } from '../document/edits';
  import { clampSeconds, secondsOf, secondsStep } from './between';
  import DoseStepper from './DoseStepper.svelte';
  import type { Dragging } from './drag.svelte';
  import type { Following } from './following';
  import type { PlanState } from '../plan/plan.svelte';
  import type { BetweenRow } from './rows';
  import ScoreItem from './ScoreItem.svelte';

  interface Props {
    plan: PlanState;
    row: BetweenRow;
    following: Following;
    dragging: Dragging;
    order: readonly string[];
  }

  const { plan, row, following, dragging, order }: Props = $props();

  const { id, item } = $derived(row);
  const wait = $derived(isWait(item) ? item : null);
  const words = $derived(isWait(item) ? (item.note ?? '') : (item.talk ?? ''));
  const name = $derived(!wait ? 'Talk' : wait.what === 'handling' ? 'Fetching and putting aside' : 'Silence');
  const Icon = $derived(wait ? Hourglass : MessageSquare);
</script>

<ScoreItem {plan} {id} {name} startMs={row.score?.occurrences[0]?.startMs} {following} {dragging} {order}>
  <div class="picture text-muted" aria-hidden="true" data-grip title="Drag to move"><Icon size={26} /></div>
  <div class="min-w-0">
    <h3 class="font-sans text-[16px] leading-snug font-bold">{name}</h3>
    <p class="narrow line-clamp-2 text-[13.5px] text-muted">{words}</p>
  </div>
  <DoseStepper
    {name}
    unit="seconds"
    amount={secondsOf(row)}
    step={secondsStep}
    locked={false}
    onchange={(seconds) => plan.setSeconds(id, clampSeconds(seconds))}
  />
  <p class="words line-clamp-3 text-[15px]">
    {#if words}{words}{:else if !wait}<span class="text-muted">What is said here, in this line’s details</span
      >{/if}
  </p>
</ScoreItem>

<style>
  .picture {
    display: grid;
    place-items: center;
    cursor: grab;
  }
  .words {
    grid-column: span 2;
  }
  .narrow {
    display: none;
  }
  @media (max-width: 1100px) {
    .words {
      display: none;
    }
    .narrow {
      display: -webkit-box;
    }
  }
  @media (max-width: 560px) {
    .picture {
      display: none;
    }
  }
</style>
