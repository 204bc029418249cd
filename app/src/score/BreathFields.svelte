<script lang="ts">
  import type { Line } from '../lib/api/client';

  type Breath = NonNullable<Line['breath']>;
  interface Props {
    breath: Breath | null;
    /** What is said where nothing is set. */
    usual?: string;
    onchange: (breath: Breath | null) => void;
  }

  const { breath, usual = 'as the class', onchange }: Props = $props();

  const kinds = [
    ['moving', 'Moving'],
    ['small', 'Small moves'],
    ['effort', 'Effort'],
    ['holding', 'Holding'],
    ['resting', 'Resting'],
  ] as const;
  // What a teacher counts with when a breath is set for the first time; the class's own pattern goes on where nothing is set.
  const begin: Record<(typeof kinds)[number][0], number[]> = {
    moving: [4, 0, 5, 0],
    small: [2.5, 0, 3.5, 0],
    effort: [2.5, 0, 3, 0],
    holding: [3, 0, 4, 0],
    resting: [4, 0, 6, 0],
  };
  const counts = ['in', 'held in', 'out', 'held out'];

  function set(kind: (typeof kinds)[number][0], pattern: number[] | null) {
    const next: Breath = { ...breath };
    if (pattern) next[kind] = pattern;
    else delete next[kind];
    onchange(Object.keys(next).length > 0 ? next : null);
  }

  function count(kind: (typeof kinds)[number][0], at: number, value: number) {
    const least = at % 2 === 0 ? 0.5 : 0;
    if (!(value >= least && value <= 60)) return;
    const pattern = [...(breath?.[kind] ?? begin[kind])];
    pattern[at] = value;
    set(kind, pattern);
  }
</script>

<fieldset class="mt-3">
  <legend>Breath, in counts</legend>
  {#each kinds as [kind, name] (kind)}
    {@const pattern = breath?.[kind]}
    <div class="mt-1 flex min-h-8 items-center gap-1.5">
      <label class="flex w-28 items-center gap-1.5">
        <input
          type="checkbox"
          class="size-5"
          checked={pattern !== undefined}
          onchange={(e) => set(kind, e.currentTarget.checked ? begin[kind] : null)}
        />
        {name}</label
      >
      {#if pattern}
        {#each counts as said, at (said)}
          <input
            class="field w-13 px-1 text-center"
            type="number"
            step="0.5"
            min={at % 2 === 0 ? 0.5 : 0}
            max="60"
            title={said}
            aria-label="{name}: counts {said}"
            value={pattern[at]}
            onchange={(e) => count(kind, at, e.currentTarget.valueAsNumber)}
          />
        {/each}
      {:else}<span>{usual}</span>{/if}
    </div>
  {/each}
</fieldset>
