<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Brackets from '@lucide/svelte/icons/brackets';
  import Copy from '@lucide/svelte/icons/copy';
  import FlipHorizontal from '@lucide/svelte/icons/flip-horizontal-2';
  import Lock from '@lucide/svelte/icons/lock';
  import Plus from '@lucide/svelte/icons/plus';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Scissors from '@lucide/svelte/icons/split';
  import Trash from '@lucide/svelte/icons/trash-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { acts } from './acts';
  import type { PlanState } from './plan.svelte';

  interface Props {
    plan: PlanState;
    finding: boolean;
    onfind: () => void;
  }

  const { plan, finding, onfind }: Props = $props();

  const icons = {
    up: ArrowUp,
    down: ArrowDown,
    duplicate: Copy,
    mirror: FlipHorizontal,
    lock: Lock,
    wrap: Brackets,
    split: Scissors,
    remove: Trash,
  };
  const told = (name: string, key: string) => `${name} (${key.replace('Arrow', '')})`;
</script>

<div class="flex flex-wrap items-center gap-1 print:hidden" role="toolbar" aria-label="Edit the class">
  <button class="tool wide" aria-pressed={finding} onclick={onfind} title="Add a move (/)"
    ><Plus size={18} aria-hidden="true" />Add</button
  >
  {#each acts as act (act.id)}
    {@const Icon = icons[act.id as keyof typeof icons]}
    <button
      class="tool"
      aria-label={act.name}
      title={told(act.name, act.key)}
      disabled={!plan.selected}
      onclick={() => plan.selected && act.does(plan, plan.selected)}
      ><Icon size={18} aria-hidden="true" /></button
    >
  {/each}
  <span class="w-3"></span>
  <button
    class="tool"
    aria-label={plan.undoName ? `Undo ${plan.undoName}` : 'Undo'}
    title={plan.undoName ? `Undo ${plan.undoName} (Ctrl+Z)` : 'Nothing to undo'}
    disabled={plan.undoName === null}
    onclick={() => plan.undo()}><Undo size={18} aria-hidden="true" /></button
  >
  <button
    class="tool"
    aria-label={plan.redoName ? `Redo ${plan.redoName}` : 'Redo'}
    title={plan.redoName ? `Redo ${plan.redoName} (Ctrl+Shift+Z)` : 'Nothing to redo'}
    disabled={plan.redoName === null}
    onclick={() => plan.redo()}><Redo size={18} aria-hidden="true" /></button
  >
</div>

<style>
  .tool {
    display: inline-grid;
    place-items: center;
    min-width: 40px;
    min-height: 40px;
    border-radius: 10px;
  }
  .tool:hover:not(:disabled) {
    background: var(--sand);
  }
  .tool:disabled {
    opacity: 0.4;
    cursor: default;
  }
  .wide {
    grid-auto-flow: column;
    gap: 6px;
    padding: 0 14px;
    background: var(--deep);
    color: var(--on-deep);
  }
  .wide:hover:not(:disabled) {
    background: var(--deep);
  }
</style>
