<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash-2';
  import type { OwnMoveText } from './ownMove.svelte';

  interface Props {
    move: OwnMoveText;
    phase: number;
  }

  let { move, phase = $bindable() }: Props = $props();

  const breaths = [
    ['in', 'In'],
    ['out', 'Out'],
    ['stay', 'Stay'],
    ['free', 'Free'],
    ['hold-in', 'Held full'],
    ['hold-out', 'Held empty'],
  ] as const;
  const works = [
    ['active', 'muscles hold it'],
    ['passive', 'its own weight'],
    ['supported', 'floor or prop'],
  ] as const;

  const phases = $derived((move.get(['phases']) as { breath: string }[] | undefined) ?? []);
  const named = (breath: string) => breaths.find(([id]) => id === breath)?.[1] ?? breath;
  const path = (...rest: string[]) => ['phases', phase, ...rest];

  function add() {
    move.addPhase(phase);
    phase += 1;
  }

  function remove() {
    move.removePhase(phase);
    phase = Math.max(0, phase - 1);
  }

  function shift(by: number) {
    move.movePhase(phase, by);
    phase += by;
  }
</script>

<div class="flex flex-wrap items-center gap-2" role="group" aria-label="Phases">
  {#each phases as p, i (i)}
    <button
      class="press"
      class:chosen={i === phase}
      aria-current={i === phase ? 'step' : undefined}
      onclick={() => (phase = i)}>{i + 1} {named(p.breath)}</button
    >
  {/each}
  <button class="press" aria-label="Add a phase after this one" title="Add a phase" onclick={add}
    ><Plus size={18} /></button
  >
</div>

<div class="mt-3 grid grid-cols-[1fr_1fr_auto] gap-x-4 gap-y-3 max-md:grid-cols-1">
  <label class="block"
    ><span class="text-[13.5px] text-muted">Breath</span>
    <select
      class="field"
      value={move.word(path('breath'))}
      onchange={(e) => move.set(path('breath'), e.currentTarget.value)}
    >
      {#each breaths as [id, name] (id)}<option value={id}>{name}</option>{/each}
    </select></label
  >
  <label class="block"
    ><span class="text-[13.5px] text-muted">Held by</span>
    <select
      class="field"
      value={move.word(path('work')) || 'active'}
      onchange={(e) => move.set(path('work'), e.currentTarget.value)}
    >
      {#each works as [id, name] (id)}<option value={id}>{name}</option>{/each}
    </select></label
  >
  <span class="flex items-end gap-1">
    <button class="press" aria-label="Move the phase up" disabled={phase === 0} onclick={() => shift(-1)}
      ><ArrowUp size={18} /></button
    >
    <button
      class="press"
      aria-label="Move the phase down"
      disabled={phase >= phases.length - 1}
      onclick={() => shift(1)}><ArrowDown size={18} /></button
    >
    <button class="press" aria-label="Remove the phase" disabled={phases.length < 2} onclick={remove}
      ><Trash size={18} /></button
    >
  </span>
  {#each [['long', 'Cue, the first time; sides as {right} and {left}'], ['short', 'Cue, the second time: seven words at most']] as [key, label] (key)}
    <label class="col-span-full block"
      ><span class="text-[13.5px] text-muted">{label}</span>
      <input
        class="field"
        value={move.word(path('cue', key!))}
        oninput={(e) => move.set(path('cue', key!), e.currentTarget.value)}
      /></label
    >
  {/each}
</div>

<style>
  .chosen {
    background: var(--deep);
    color: var(--on-deep);
  }
</style>
