<script lang="ts">
  import type { ReadText } from '../lib/api/client';
  import { catalogue } from '../lib/catalogue.svelte';
  import { choices } from '../lib/sides';
  import { unitFor } from '../lib/words';

  interface Props {
    line: ReadText['lines'][number];
    /** The move that was chosen, null for words, undefined where nothing was. */
    choice: string | null | undefined;
    onchoose: (move: string | null) => void;
  }
  const { line, choice, onchoose }: Props = $props();

  const kinds: Record<string, string> = {
    section: 'a section',
    set: 'a set',
    way: 'a way',
    talk: 'said',
    wait: 'waiting',
    unknown: 'kept as something you say',
  };
  const nameOf = (id: string) => catalogue.moves.get(id)?.name ?? id;
  const settled = $derived(line.sure || choice !== undefined);
  const move = $derived(choice === undefined ? line.move : choice);
  const details = $derived.by(() => {
    const found = line.move ? catalogue.moves.get(line.move) : undefined;
    const sides = found && line.sides ? choices(found).find((c) => c.word === line.sides) : undefined;
    return [
      line.dose
        ? `${line.dose.amount} ${unitFor(line.dose.amount, line.dose.unit)}`
        : line.move
          ? 'usual dose'
          : '',
      sides && choice === undefined ? sides.said.map((s) => s.text).join(', then ') : '',
      line.position ? (catalogue.positions.get(line.position)?.name.toLowerCase() ?? '') : '',
    ].filter(Boolean);
  });
  // Those that are likely first, then all there are.
  const likely = $derived([...new Set([line.move, ...line.others].filter((m): m is string => !!m))]);
  const all = $derived(
    [...catalogue.moves.values()].sort((a, b) => a.name.localeCompare(b.name)).map((m) => m.id),
  );
  const canChoose = $derived(line.kind === 'line' || line.kind === 'unknown');
</script>

<li class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] gap-x-4 gap-y-1 py-2.5 max-sm:grid-cols-1">
  <span class="text-[14.5px] break-words text-muted">{line.text}</span>
  <div>
    {#if canChoose && !(line.sure && choice === undefined)}
      <select
        class="field"
        aria-label="What “{line.text}” is"
        value={move ?? ''}
        onchange={(e) => onchoose(e.currentTarget.value || null)}
      >
        <option value="">something I say</option>
        {#if likely.length > 0}
          <optgroup label="Likely">
            {#each likely as id (id)}<option value={id}>{nameOf(id)}</option>{/each}
          </optgroup>
        {/if}
        <optgroup label="All moves">
          {#each all as id (id)}<option value={id}>{nameOf(id)}</option>{/each}
        </optgroup>
      </select>
    {:else if line.kind === 'line'}
      <b>{nameOf(line.move ?? '')}</b>
    {:else}
      <span class="text-muted">{kinds[line.kind] ?? line.kind}</span>
    {/if}
    {#if details.length > 0}<span class="text-[14.5px]">{details.join(' · ')}</span>{/if}
    {#if line.sure && line.kind === 'line' && choice === undefined}
      <button
        class="ml-1 text-[14px] text-muted underline underline-offset-4"
        onclick={() => onchoose(line.move ?? null)}
        >another<span class="sr-only"> for {line.text}</span></button
      >
    {/if}
    {#if !settled}
      <p class="flex items-baseline gap-2 text-[14px] text-notable">
        {line.doubt}
        {#if line.move}<button
            class="underline underline-offset-4"
            onclick={() => onchoose(line.move ?? null)}
            >That is it<span class="sr-only">, {line.text}</span></button
          >{/if}
      </p>
    {/if}
  </div>
</li>
