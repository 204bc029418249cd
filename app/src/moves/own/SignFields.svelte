<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash-2';
  import type { OwnMoveText } from './ownMove.svelte';
  import { fieldOf, freePlace, places, rowsOf, signs, type GoingOn } from './signs';

  const { move }: { move: OwnMoveText } = $props();

  const rows = $derived(rowsOf(move.get(['signs'])));

  function write(next: GoingOn[]) {
    const field = fieldOf(next);
    if (field) move.set(['signs'], field);
    else move.remove(['signs']);
  }

  const change = (at: number, part: Partial<GoingOn>) =>
    write(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
  const add = () => write([...rows, { sign: rows.at(-1)?.sign ?? signs[0][0], at: freePlace(rows) }]);
  // What a text names and no list has is offered as it stands there.
  const among = (known: readonly (readonly [string, string])[], now: string) =>
    known.some(([id]) => id === now) ? known : [...known, [now, now.replace(/[.-]/g, ' ')] as const];
</script>

<fieldset>
  <legend class="text-[13.5px] text-muted">What goes on that no shape shows</legend>
  {#each rows as row, i (i)}
    <div class="mt-1 flex items-center gap-2">
      <select
        class="field"
        aria-label="What goes on, {i + 1}"
        value={row.sign}
        onchange={(e) => change(i, { sign: e.currentTarget.value })}
      >
        {#each among(signs, row.sign) as [id, name] (id)}<option value={id}>{name}</option>{/each}
      </select>
      <select
        class="field"
        aria-label="Where, {i + 1}"
        value={row.at}
        onchange={(e) => change(i, { at: e.currentTarget.value })}
      >
        {#each among(places, row.at) as [id, name] (id)}<option value={id}>{name}</option>{/each}
      </select>
      <button
        class="press shrink-0"
        aria-label="Remove what goes on, {i + 1}"
        onclick={() => write(rows.filter((_, other) => other !== i))}><Trash size={18} /></button
      >
    </div>
  {/each}
  <button class="press mt-2 inline-flex items-center gap-2" onclick={add}
    ><Plus size={18} /> Something goes on</button
  >
</fieldset>
