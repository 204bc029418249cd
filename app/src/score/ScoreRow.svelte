<script lang="ts">
  import type { Dragging } from './drag.svelte';
  import type { Following } from './following';
  import type { PlanState } from '../plan/plan.svelte';
  import type { LineRow } from './rows';
  import ScoreLine from './ScoreLine.svelte';
  import WayStep from './WayStep.svelte';

  interface Props {
    plan: PlanState;
    row: LineRow;
    following: Following;
    inSidedSet: boolean;
    dragging: Dragging;
    order: readonly string[];
    onsides: (id: string, anchor: HTMLElement) => void;
  }

  const { plan, row, following, inSidedSet, dragging, order, onsides }: Props = $props();

  const rollTo = $derived(plan.document?.conventions?.rollTo === 'left' ? 'left' : 'right');

  // What is shown: out of sight the row of before, until there is time for the new one.
  // svelte-ignore state_referenced_locally
  let shown = $state.raw(row);
  // svelte-ignore state_referenced_locally
  const id = row.line.id ?? '';
  $effect.pre(() => {
    const now = row;
    following.update(id, () => (shown = now));
  });
</script>

{#each shown.score?.ways ?? [] as way, i (i)}<WayStep {way} {rollTo} />{/each}
<ScoreLine {plan} row={shown} {following} {inSidedSet} {dragging} {order} {onsides} />
