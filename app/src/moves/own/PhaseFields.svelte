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
    ['active', 'muscles'],
    ['passive', 'own weight'],
    ['supported', 'floor, prop'],
  ] as const;

  const faces = [
    ['calm', 'calm'],
    ['eyes-shut', 'eyes shut'],
    ['eyes-wide', 'eyes wide'],
    ['mouth-open', 'mouth open'],
    ['jaw-open', 'jaw open'],
    ['lips-round', 'lips round'],
    ['squeezed', 'squeezed'],
    ['jaw-aside', 'jaw aside'],
    ['tongue-out', 'tongue out'],
  ] as const;
  const hands = [
    ['easy', 'easy'],
    ['spread', 'spread'],
    ['fists', 'fists'],
    ['hooked', 'hooked'],
    ['pinched', 'finger on thumb'],
  ] as const;
  const choices = [
    ['breath', 'Breath', breaths],
    ['work', 'Held by', works],
    ['face', 'Face', faces],
    ['hands', 'Hands', hands],
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
  <span class="ml-auto flex gap-1">
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
</div>

<div class="mt-3 grid grid-cols-4 gap-x-4 gap-y-3 max-md:grid-cols-2">
  {#each choices as [field, label, words] (field)}
    <label class="block"
      ><span class="text-[13.5px] text-muted">{label}</span>
      <select
        class="field"
        value={move.word(path(field)) || words[0][0]}
        onchange={(e) => move.set(path(field), e.currentTarget.value)}
      >
        {#each words as [id, name] (id)}<option value={id}>{name}</option>{/each}
      </select></label
    >
  {/each}
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
