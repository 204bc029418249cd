<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Brackets from '@lucide/svelte/icons/brackets';
  import ClipboardPaste from '@lucide/svelte/icons/clipboard-paste';
  import ClipboardCopy from '@lucide/svelte/icons/clipboard-copy';
  import Copy from '@lucide/svelte/icons/copy';
  import CheckCheck from '@lucide/svelte/icons/list-checks';
  import FlipHorizontal from '@lucide/svelte/icons/flip-horizontal-2';
  import Lock from '@lucide/svelte/icons/lock';
  import Plus from '@lucide/svelte/icons/plus';
  import Repeat from '@lucide/svelte/icons/repeat-2';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Scissors from '@lucide/svelte/icons/scissors';
  import Split from '@lucide/svelte/icons/split';
  import Trash from '@lucide/svelte/icons/trash-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { acts, copied, cut, paste } from './acts';
  import type { PlanState } from '../plan/plan.svelte';

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
    repeat: Repeat,
    split: Split,
    remove: Trash,
  };
  async function write(text: string | null) {
    if (text === null) return;
    try {
      await navigator.clipboard.writeText(text);
    } catch {
      plan.say('The clipboard is closed to this page; within Ample Tide it can still be pasted with Ctrl+V.');
    }
  }

  async function read() {
    try {
      await paste(plan, await navigator.clipboard.readText());
    } catch {
      plan.say('The clipboard is closed to this page. Press Ctrl+V in the score instead.');
    }
  }

  const clipboard = [
    { name: 'Cut', key: 'Ctrl+X', icon: Scissors, needs: true, does: () => write(cut(plan)) },
    { name: 'Copy', key: 'Ctrl+C', icon: ClipboardCopy, needs: true, does: () => write(copied(plan)) },
    { name: 'Paste', key: 'Ctrl+V', icon: ClipboardPaste, needs: false, does: read },
  ];
  const told = (name: string, key: string) => `${name} (${key.replace('Arrow', '')})`;
</script>

<div
  class="flex flex-wrap items-center print:hidden max-xl:pl-4 max-md:w-full max-md:flex-nowrap max-md:overflow-x-auto"
  role="toolbar"
  aria-label="Edit the class"
>
  <button class="tool wide" aria-pressed={finding} onclick={onfind} title="Add a move (/)"
    ><Plus size={18} aria-hidden="true" />Add</button
  >
  {#each acts.filter((a) => !a.anywhere) as act (act.id)}
    {@const Icon = icons[act.id as keyof typeof icons]}
    <button
      class="tool"
      aria-label={act.name}
      title={told(act.name, act.key)}
      disabled={plan.chosen.length === 0}
      onclick={() => act.does(plan)}><Icon size={18} aria-hidden="true" /></button
    >
  {/each}
  <span class="w-1.5"></span>
  {#each clipboard as { name, key, icon: Icon, needs, does } (name)}
    <button
      class="tool"
      aria-label={name}
      title={told(name, key)}
      disabled={needs && plan.chosen.length === 0}
      onclick={() => void does()}><Icon size={18} aria-hidden="true" /></button
    >
  {/each}
  <button
    class="tool"
    aria-label="Select several"
    aria-pressed={plan.selection.several}
    title="Select several: each tap adds a line (Ctrl or Shift with the mouse, Shift+↑ ↓)"
    onclick={() => (plan.selection.several = !plan.selection.several)}
    ><CheckCheck size={18} aria-hidden="true" /></button
  >
  <span class="w-1.5"></span>
  <button
    class="tool"
    aria-label={plan.undoName ? `Undo ${plan.undoName}` : 'Undo'}
    title={plan.undoName ? `Undo ${plan.undoName} (Ctrl+Z)` : 'Nothing to undo'}
    aria-disabled={plan.undoName === null}
    onclick={() => plan.undo()}><Undo size={18} aria-hidden="true" /></button
  >
  <button
    class="tool"
    aria-label={plan.redoName ? `Redo ${plan.redoName}` : 'Redo'}
    title={plan.redoName ? `Redo ${plan.redoName} (Ctrl+Shift+Z)` : 'Nothing to redo'}
    aria-disabled={plan.redoName === null}
    onclick={() => plan.redo()}><Redo size={18} aria-hidden="true" /></button
  >
</div>

<style>
  .wide {
    flex-shrink: 0;
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
