<script lang="ts">
  import type { Score } from '../lib/api/client';
  import { catalogue } from '../lib/catalogue.svelte';
  import { clock } from '../lib/time';
  import { idOf, type SectionRows } from '../score/rows';

  interface Props {
    score: Score;
    sections: SectionRows[];
    ongo: (id: string) => void;
  }

  const { score, sections, ongo }: Props = $props();

  const restMs = $derived(
    score.lines
      .filter((l) => kindOf(l.id) === 'rest')
      .flatMap((l) => l.occurrences)
      .reduce((sum, o) => sum + o.ms - o.leadMs, 0),
  );
  const parts = $derived(
    [
      { name: 'breath', ms: score.time.breath - restMs, fill: 'var(--water-top)' },
      { name: 'rest', ms: restMs, fill: 'var(--water-bottom)' },
      { name: 'talk by itself', ms: score.time.lead, fill: 'var(--fig-right-leg)' },
      { name: 'ways', ms: score.time.ways, fill: 'var(--fig-prop-side)' },
      { name: 'pauses', ms: score.time.pauses, fill: 'var(--fig-left-arm)' },
    ].filter((p) => p.ms > 0),
  );
  const longest = $derived(Math.max(1, ...sections.map((s) => s.toMs - s.fromMs)));

  const moveOf = $derived(new Map(sections.flatMap((s) => linesIn(s.rows))));

  function linesIn(rows: SectionRows['rows']): [string, string][] {
    return rows.flatMap((row) =>
      row.kind === 'set'
        ? linesIn(row.rows)
        : [[idOf(row), row.kind === 'line' ? row.line.move : ''] as [string, string]],
    );
  }

  function kindOf(line: string): string | undefined {
    return catalogue.moves.get(moveOf.get(line) ?? '')?.kind;
  }

  const firstOf = (section: SectionRows) => linesIn(section.rows)[0]?.[0];
</script>

<section aria-labelledby="spent" class="mt-6">
  <h2 id="spent" class="mb-2 text-[17px]">Where the time goes</h2>
  <div class="flex h-3 gap-0.5 overflow-hidden rounded-full" aria-hidden="true">
    {#each parts as part (part.name)}<span style="flex: {part.ms}; background: {part.fill}"></span>{/each}
  </div>
  <dl class="mt-2 grid grid-cols-2 gap-x-6 text-[14px]">
    {#each parts as part (part.name)}
      <div class="flex items-center gap-2">
        <span class="size-2.5 rounded-full" style="background: {part.fill}" aria-hidden="true"></span>
        <dt class="text-muted">{part.name}</dt>
        <dd class="ml-auto">{clock(part.ms)}</dd>
      </div>
    {/each}
  </dl>
  {#if sections.length > 1}
    <h3 class="mt-4 mb-1 text-[15px]">By section</h3>
    <ul class="text-[14px]">
      {#each sections as s (s.section.id)}
        {@const first = firstOf(s)}
        <li>
          <button
            class="grid min-h-10 w-full grid-cols-[minmax(0,1fr)_90px_44px] items-center gap-3 text-left"
            disabled={!first}
            onclick={() => first && ongo(first)}
          >
            <span class="truncate text-muted">{s.section.name || 'Section'}</span>
            <span class="h-2 overflow-hidden rounded-full bg-band" aria-hidden="true"
              ><span
                class="block h-full rounded-full bg-deep"
                style="width: {((s.toMs - s.fromMs) / longest) * 100}%"
              ></span></span
            >
            <span class="text-right">{clock(s.toMs - s.fromMs)}</span>
          </button>
        </li>
      {/each}
    </ul>
  {/if}
</section>
