<script lang="ts">
  import { catalogue } from '../../lib/catalogue.svelte';
  import { families, kinds, sidedness } from '../words';
  import { cautionsOf, rewritten, said } from './cautions';
  import type { OwnMoveText } from './ownMove.svelte';

  const { move }: { move: OwnMoveText } = $props();

  const unit = $derived(
    ['breaths', 'rounds', 'beats', 'seconds'].find((u) => move.get(['dose', u])) ?? 'breaths',
  );
  const dose = $derived((move.get(['dose', unit]) as number[] | undefined) ?? [2, 3, 6]);
  const places = $derived((move.get(['in']) as string[] | undefined) ?? []);
  const sides = $derived(move.word(['sides']) || 'none');
  const cautions = $derived(cautionsOf(move.get(['cautions'])));

  const setDose = (at: number, value: number) =>
    Number.isFinite(value) && move.set(['dose'], { [unit]: dose.map((d, i) => (i === at ? value : d)) });
  const setSides = (value: string) => {
    move.set(['sides'], value);
    if (value !== 'none' && value !== 'circling' && !move.word(['right']))
      move.set(['right'], 'the way the arm reaches');
    if (value !== 'none' && !move.word(['talk', 'second']))
      move.set(['talk', 'second'], 'The same on the {right}.');
  };
</script>

{#snippet text(label: string, path: (string | number)[], hint = '')}
  <label class="block"
    ><span class="text-[13.5px] text-muted">{label}</span>
    <input
      class="field"
      value={move.word(path)}
      placeholder={hint}
      oninput={(event) => move.set(path, event.currentTarget.value)}
    /></label
  >
{/snippet}
{#snippet lines(label: string, path: (string | number)[])}
  <label class="block"
    ><span class="text-[13.5px] text-muted">{label}</span>
    <textarea
      class="field min-h-[68px]"
      value={move.word(path)}
      oninput={(event) => move.set(path, event.currentTarget.value)}></textarea></label
  >
{/snippet}

<div class="grid grid-cols-2 gap-x-5 gap-y-3 max-md:grid-cols-1">
  {@render text('Name', ['name'])}
  {@render text('Id, as class files name it', ['id'])}
  <label class="block"
    ><span class="text-[13.5px] text-muted">Kind</span>
    <select
      class="field"
      value={move.word(['kind'])}
      onchange={(e) => move.set(['kind'], e.currentTarget.value)}
    >
      {#each kinds as [id, name] (id)}<option value={id}>{name}</option>{/each}
    </select></label
  >
  <label class="block"
    ><span class="text-[13.5px] text-muted">Sides</span>
    <select class="field" value={sides} onchange={(e) => setSides(e.currentTarget.value)}>
      {#each sidedness as [id, name] (id)}<option value={id}>{name}</option>{/each}
    </select></label
  >
  {#if sides !== 'none'}{@render text('Right names', ['right'], 'the way the arm reaches')}{/if}
  <fieldset class="flex items-end gap-2">
    <legend class="text-[13.5px] text-muted">Dose: least, usual, most</legend>
    {#each ['least', 'usual', 'most'] as name, i (name)}
      <input
        class="field w-16"
        type="number"
        min="1"
        aria-label={name}
        value={dose[i]}
        oninput={(e) => setDose(i, e.currentTarget.valueAsNumber)}
      />
    {/each}
    <select
      class="field"
      aria-label="Unit of the dose"
      value={unit}
      onchange={(e) => move.set(['dose'], { [e.currentTarget.value]: dose })}
    >
      {#each ['breaths', 'rounds', 'beats', 'seconds'] as u (u)}<option>{u}</option>{/each}
    </select>
  </fieldset>
</div>

<details class="mt-3">
  <summary class="min-h-10 cursor-pointer py-2">
    Positions <span class="text-muted"
      >{places.map((id) => catalogue.positions.get(id)?.name ?? id).join(', ')}</span
    >
  </summary>
  {#each families as [family, name] (family)}
    <p class="mt-2 text-[13.5px] text-muted">{name}</p>
    <div class="flex flex-wrap gap-x-4">
      {#each [...catalogue.positions.values()].filter((p) => p.family === family) as p (p.id)}
        <label class="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            checked={places.includes(p.id)}
            onchange={(e) =>
              move.set(
                ['in'],
                e.currentTarget.checked ? [...places, p.id] : places.filter((id) => id !== p.id),
              )}
          />{p.name}</label
        >
      {/each}
    </div>
  {/each}
</details>

<div class="mt-3 space-y-3">
  {@render lines('Talk-in', ['talk', 'first'])}
  {#if sides !== 'none'}{@render lines('Talk-in of the second side', ['talk', 'second'])}{/if}
  <label class="block"
    ><span class="text-[13.5px] text-muted">Cautions, one a line</span>
    <textarea
      class="field min-h-[68px]"
      value={cautions.map(said).join('\n')}
      onchange={(e) => move.set(['cautions'], rewritten(cautions, e.currentTarget.value))}></textarea></label
  >
  {@render text('The easier option, as it is offered', ['options', 'easier', 'cue'])}
</div>
