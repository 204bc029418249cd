<script lang="ts">
  import { catalogue } from '../lib/catalogue.svelte';
  import type { Taught } from '../lib/api/client';

  /** What only whoever taught can tell: hands, props, incidents, notes. */
  let { entry = $bindable() }: { entry: Taught } = $props();

  const hands = [
    ['easier', 'Easier'],
    ['same', 'The same'],
    ['worse', 'Worse'],
  ] as const;

  const propsList = $derived(catalogue.props.filter((p) => !p.alwaysThere));
  const taughtMoves = $derived([...new Set((entry.lines ?? []).map((l) => l.move).filter((m) => m != null))]);
  const count = (value: string) => Math.max(0, Math.min(1000, Math.round(Number(value) || 0)));

  function setHands(which: (typeof hands)[number][0], value: string) {
    const left = { easier: 0, same: 0, worse: 0, ...entry.left, [which]: count(value) };
    entry.left = left.easier + left.same + left.worse > 0 ? left : null;
  }
</script>

<fieldset class="mt-5">
  <legend class="font-bold">How people left, by hands</legend>
  <p class="text-[14px] text-muted">“Whose neck is easier than when you came? The same? Worse?”</p>
  <div class="mt-2 flex flex-wrap gap-4">
    {#each hands as [id, name] (id)}
      <label class="w-28">
        {name}
        <input
          class="field"
          type="number"
          inputmode="numeric"
          min="0"
          max="1000"
          value={entry.left?.[id] ?? ''}
          oninput={(e) => setHands(id, e.currentTarget.value)}
        />
      </label>
    {/each}
  </div>
</fieldset>

<fieldset class="mt-5">
  <legend class="font-bold">Props that were short</legend>
  {#each entry.short ?? [], i}
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <label class="min-w-44">
        Prop
        <select class="field" bind:value={entry.short![i]!.prop}>
          {#each propsList as prop (prop.id)}<option value={prop.id}>{prop.name}</option>{/each}
        </select>
      </label>
      <label class="w-24">
        Missing
        <input class="field" type="number" min="1" max="1000" bind:value={entry.short![i]!.count} />
      </label>
      <button class="press" onclick={() => (entry.short = entry.short!.filter((_, j) => j !== i))}
        >Remove</button
      >
    </div>
  {/each}
  <button
    class="press mt-2"
    onclick={() => (entry.short = [...(entry.short ?? []), { prop: propsList[0]?.id ?? 'block', count: 1 }])}
    >Add a prop</button
  >
</fieldset>

<fieldset class="mt-5">
  <legend class="font-bold">Incidents</legend>
  <p class="text-[14px] text-muted">What happened and what was done about it. Nobody is named.</p>
  {#each entry.incidents ?? [], i}
    <div class="mt-2 grid gap-2 rounded-xl bg-band p-3">
      <label>
        In which move
        <select class="field" bind:value={entry.incidents![i]!.move}>
          <option value={null}>none, or another</option>
          {#each taughtMoves as move (move)}
            <option value={move}>{catalogue.moves.get(move)?.name ?? move}</option>
          {/each}
        </select>
      </label>
      <label>
        What happened
        <input class="field" maxlength="1000" required bind:value={entry.incidents![i]!.what} />
      </label>
      <label>
        What was done
        <input class="field" maxlength="1000" bind:value={entry.incidents![i]!.done} />
      </label>
      <button
        class="press justify-self-start"
        onclick={() => (entry.incidents = entry.incidents!.filter((_, j) => j !== i))}>Remove</button
      >
    </div>
  {/each}
  <button
    class="press mt-2"
    onclick={() => (entry.incidents = [...(entry.incidents ?? []), { what: '', done: '', move: null }])}
    >Add an incident</button
  >
</fieldset>

<label class="mt-5 block">
  <span class="font-bold">How it was</span>
  <textarea class="field" rows="3" maxlength="4000" bind:value={entry.note}></textarea>
</label>
<label class="mt-4 block">
  <span class="font-bold">Next time</span>
  <span class="text-[14px] text-muted">stands over the plan when you open it again</span>
  <textarea class="field" rows="2" maxlength="4000" bind:value={entry.next}></textarea>
</label>
