<script lang="ts">
  import type { Snippet } from 'svelte';
  import { clock } from '../lib/time';
  import type { Dragging } from './drag.svelte';
  import type { Following } from './following';
  import type { PlanState } from '../plan/plan.svelte';

  interface Props {
    plan: PlanState;
    id: string;
    name: string;
    startMs: number | undefined;
    following: Following;
    dragging: Dragging;
    /** All that can be selected in the class, for selecting from one to another. */
    order: readonly string[];
    children: Snippet;
  }

  const { plan, id, name, startMs, following, dragging, order, children }: Props = $props();

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
    {startMs === undefined ? '–' : clock(startMs)}<span class="sr-only"> {name}</span>
  </button>
  {@render children()}
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
  @media (max-width: 1100px) {
    .line {
      grid-template-columns: 46px 68px minmax(0, 1fr) 132px;
      gap: 8px;
    }
  }
  @media (max-width: 560px) {
    .line {
      grid-template-columns: 52px minmax(0, 1fr) 124px;
      gap: 6px;
      padding-right: 4px;
    }
  }
</style>
