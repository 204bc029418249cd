<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import type { Snippet } from 'svelte';
  import type { Dragging } from './drag.svelte';
  import PauseField from './PauseField.svelte';
  import { roundsText } from '../document/rounds';
  import { moveBy, setOf, unwrap } from '../document/edits';
  import type { PlanState } from '../plan/plan.svelte';
  import type { SetRow } from './rows';

  interface Props {
    plan: PlanState;
    row: SetRow;
    dragging: Dragging;
    children: Snippet;
  }

  const { plan, row, dragging, children }: Props = $props();

  const rounds = $derived(Array.isArray(row.rounds) ? row.rounds : null);
  const said = $derived(rounds ? rounds.join(', then ') : `${String(row.rounds)} times`);
  const name = $derived(row.name || 'Set');
  const mirrored = ['right left', 'left right', 'right left right left'];
  const now = $derived(rounds ? rounds.join(' ') : String(row.rounds));
  const offered = $derived([...new Set([...mirrored, '2', '3', '4', '5', now])]);

  function take(word: string) {
    plan.change(`rounds of ${name}`, (document) => {
      const set = setOf(document, row.id);
      if (set) set.rounds = /\d/.test(word) ? Number(word) : (word.split(' ') as ('right' | 'left')[]);
    });
  }

  function change(what: string, edit: (set: NonNullable<ReturnType<typeof setOf>>) => void) {
    plan.change(
      `${what} of ${name}`,
      (document) => {
        const set = setOf(document, row.id);
        if (set) edit(set);
      },
      `${what} ${row.id}`,
    );
  }
</script>

<div
  class="set"
  class:before={dragging.at(row.id, 'before')}
  class:after={dragging.at(row.id, 'after')}
  role="listitem"
  {@attach dragging.item(row.id)}
>
  <div class="bracket" data-grip title="Drag the set">
    {#if rounds}
      {#each rounds as round, i (i)}<span class={round} title={round}>{round === 'right' ? '◑' : '◐'}</span
        >{/each}
    {:else}<span>×{row.rounds}</span>{/if}
    <GripVertical size={14} aria-hidden="true" class="text-muted" />
  </div>
  <div class="min-w-0" role="group" aria-label="{name}, {said}">
    <details
      class="px-2 pt-1 text-[13.5px] text-muted"
      class:into={dragging.at(row.id, 'into')}
      {@attach dragging.into(row.id)}
    >
      <summary class="min-h-7 cursor-pointer">{name}: {said}</summary>
      <div class="flex flex-wrap items-end gap-3 pb-2">
        <label
          >Name
          <input
            class="field"
            maxlength="200"
            value={row.name}
            oninput={(e) => change('name', (set) => (set.name = e.currentTarget.value))}
          /></label
        >
        <label
          >Rounds
          <select class="field" value={now} onchange={(e) => take(e.currentTarget.value)}>
            {#each offered as word (word)}<option value={word}
                >{roundsText(/\d/.test(word) ? Number(word) : (word.split(' ') as ['right']))}</option
              >{/each}
          </select></label
        >
        <PauseField
          label="Pause between rounds"
          pause={row.pauseBetween}
          onchange={(pause) =>
            change('pause', (set) => {
              if (pause === undefined) delete set.pauseBetween;
              else set.pauseBetween = pause;
            })}
        />
        <button
          class="press"
          aria-label="Move {name} up"
          onclick={() => plan.change(`move ${name}`, (d) => void moveBy(d, row.id, -1))}
          ><ArrowUp size={18} aria-hidden="true" /></button
        >
        <button
          class="press"
          aria-label="Move {name} down"
          onclick={() => plan.change(`move ${name}`, (d) => void moveBy(d, row.id, 1))}
          ><ArrowDown size={18} aria-hidden="true" /></button
        >
        <button
          class="press ring-1 ring-line"
          onclick={() => plan.change(`unwrap ${name}`, (d) => void unwrap(d, row.id))}>Unwrap</button
        >
      </div>
    </details>
    <div role="list">{@render children()}</div>
  </div>
</div>

<style>
  .set {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr);
    margin: 4px 0 4px -20px;
    border-radius: 14px;
  }
  .before {
    box-shadow: 0 -3px 0 -1px var(--deep);
  }
  .after {
    box-shadow: 0 3px 0 -1px var(--deep);
  }
  .into {
    border-radius: 10px;
    box-shadow: inset 0 0 0 2px var(--deep);
  }
  .bracket {
    display: flex;
    flex-direction: column;
    justify-content: space-evenly;
    align-items: center;
    border: 2.5px solid var(--deep);
    border-right: 0;
    border-radius: 14px 0 0 14px;
    font-size: 14px;
    cursor: grab;
  }
  .right {
    color: var(--right);
  }
  .left {
    color: var(--left);
  }
</style>
