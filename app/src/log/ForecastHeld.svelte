<script lang="ts">
  import type { Taught } from '../lib/api/client';
  import { clock, day } from '../lib/time';
  import { withForecast } from './forecast';

  /** How long the class was likely to take, and how long it took: evening by evening, the oldest first. */
  const { entries }: { entries: readonly Taught[] } = $props();

  const evenings = $derived(withForecast(entries));
  const held = $derived(evenings.filter((e) => e.held).length);
  const [width, rowHeight, left] = [640, 26, 110];
  const most = $derived(Math.max(1, ...evenings.flatMap((e) => [e.toMs, e.realMs])) * 1.05);
  // Not from nought: what matters is where in its band an evening ended.
  const least = $derived(Math.min(...evenings.flatMap((e) => [e.fromMs, e.realMs])) * 0.9);
  const x = (ms: number) => left + ((ms - least) / (most - least)) * (width - left - 60);
</script>

{#if evenings.length > 0}
  <h3 class="mt-6 font-sans text-[16px] font-bold">How the forecast held</h3>
  <p class="text-[14.5px] text-muted">
    {held} of {evenings.length}
    {evenings.length === 1 ? 'evening' : 'evenings'} ended between the minutes that were likely; eight of ten should.
  </p>
  <svg
    viewBox="0 0 {width} {evenings.length * rowHeight + 8}"
    class="mt-2 w-full max-w-2xl"
    role="img"
    aria-label="Likely and taught minutes of each evening; the table below has the numbers"
  >
    {#each evenings as evening, i (evening.id)}
      {@const y = i * rowHeight + rowHeight / 2 + 4}
      <text x={left - 10} y={y + 5} text-anchor="end" class="label">{day(evening.at)}</text>
      <rect
        x={x(evening.fromMs)}
        y={y - 7}
        width={x(evening.toMs) - x(evening.fromMs)}
        height="14"
        rx="7"
        class="band"
      />
      <line x1={x(evening.plannedMs)} x2={x(evening.plannedMs)} y1={y - 9} y2={y + 9} class="planned" />
      <circle cx={x(evening.realMs)} cy={y} r="6" class={evening.held ? 'real' : 'real off'} />
      <text x={Math.max(x(evening.toMs), x(evening.realMs)) + 12} y={y + 5} class="label"
        >{clock(evening.realMs)}</text
      >
    {/each}
  </svg>
  <details class="mt-1">
    <summary class="cursor-pointer text-[14.5px] text-muted">The numbers</summary>
    <table class="mt-1 text-left text-[14.5px]">
      <thead>
        <tr>
          {#each ['Evening', 'Planned', 'Likely from', 'to', 'Taught', ''] as head (head)}<th
              class="pr-5 font-bold">{head}</th
            >{/each}
        </tr>
      </thead>
      <tbody>
        {#each evenings as evening (evening.id)}
          <tr>
            <td class="pr-5">{day(evening.at)}</td>
            <td class="pr-5">{clock(evening.plannedMs)}</td>
            <td class="pr-5">{clock(evening.fromMs)}</td>
            <td class="pr-5">{clock(evening.toMs)}</td>
            <td class="pr-5">{clock(evening.realMs)}</td>
            <td>{evening.held ? 'held' : 'did not hold'}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </details>
{/if}

<style>
  .label {
    font-size: 14px;
    fill: var(--muted);
  }
  .band {
    fill: var(--sand-deep);
  }
  .planned {
    stroke: var(--muted);
    stroke-width: 2;
  }
  .real {
    fill: var(--deep);
  }
  .off {
    fill: var(--serious);
  }
</style>
