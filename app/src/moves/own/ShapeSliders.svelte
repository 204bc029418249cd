<script lang="ts">
  import type { BodyAxis } from '../../lib/api/client';
  import { axesOf, regions, written, type Sides, type Slider } from './axes';

  interface Props {
    /** All axes of the body with their normal ranges. */
    axes: BodyAxis[];
    /** Their angles at the end of the phase. */
    angles: number[];
    /** Which side the sliders change. */
    sides: Sides;
    onchange: (name: string, degrees: number) => void;
  }

  let { axes, angles, sides = $bindable(), onchange }: Props = $props();

  // An angle may go a little beyond what is normal, as in the catalogue: bodies differ.
  const slack = 1.15;

  let regionId = $state('arm');
  const region = $derived(regions.find((r) => r.id === regionId)!);
  const byName = $derived(new Map(axes.map((a, i) => [a.name, { ...a, at: angles[i] ?? 0 }])));

  function facts(slider: Slider) {
    const name = written(region, slider, sides);
    const parts = axesOf(name).map((axis) => byName.get(axis)!);
    const spine = name.startsWith('spine.');
    const sum = (of: (p: (typeof parts)[number]) => number) => parts.reduce((total, p) => total + of(p), 0);
    const [least, most, at] = spine
      ? [sum((p) => p.least), sum((p) => p.most), sum((p) => p.at)]
      : [parts[0]!.least, parts[0]!.most, sum((p) => p.at) / parts.length];
    const from = Math.floor(Math.min(least * slack, at));
    const to = Math.ceil(Math.max(most * slack, at));
    const share = (degrees: number) => `${((degrees - from) / (to - from)) * 100}%`;
    return { name, at: Math.round(at), least, most, from, to, band: [share(least), share(most)] as const };
  }
</script>

<div class="flex flex-wrap gap-2" role="group" aria-label="Part of the body">
  {#each regions as r (r.id)}
    <button class="press" aria-pressed={r.id === regionId} onclick={() => (regionId = r.id)}>{r.name}</button>
  {/each}
  {#if region.sided}
    <label class="ml-auto flex items-center gap-2 text-muted">
      Side
      <select class="min-h-10 rounded-[10px] bg-sand px-2 text-ink" bind:value={sides}>
        <option value="both">both alike</option>
        <option value="right">right</option>
        <option value="left">left</option>
      </select>
    </label>
  {/if}
</div>
<div class="mt-3 grid grid-cols-2 gap-x-8 gap-y-2 max-md:grid-cols-1">
  {#each region.sliders as slider (slider.axis)}
    {@const f = facts(slider)}
    {@const beyond = f.at < f.least - 0.5 || f.at > f.most + 0.5}
    <label class="block">
      <span class="flex items-baseline justify-between">
        <b class="font-semibold">{slider.name}</b>
        <span class={beyond ? 'text-notable' : 'text-muted'}>{f.at}°{beyond ? ', beyond normal' : ''}</span>
      </span>
      <input
        type="range"
        min={f.from}
        max={f.to}
        value={f.at}
        aria-valuetext="{f.at} degrees, normal {Math.round(f.least)} to {Math.round(f.most)}"
        style="--from: {f.band[0]}; --to: {f.band[1]}"
        oninput={(event) => onchange(f.name, event.currentTarget.valueAsNumber)}
      />
      <span class="flex justify-between text-[13px] text-muted" aria-hidden="true"
        ><span>{slider.least}</span><span>{slider.most}</span></span
      >
    </label>
  {/each}
</div>

<style>
  input {
    appearance: none;
    width: 100%;
    height: 28px;
    background: linear-gradient(
        to right,
        var(--sand) var(--from),
        var(--band-strong, var(--sand-deep)) var(--from) var(--to),
        var(--sand) var(--to)
      )
      no-repeat center / 100% 8px;
    border-radius: 4px;
  }
  input::-webkit-slider-thumb {
    appearance: none;
    width: 22px;
    height: 22px;
    border-radius: 50%;
    background: var(--deep);
    border: 3px solid var(--ground);
  }
  input::-moz-range-thumb {
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: var(--deep);
    border: 3px solid var(--ground);
  }
  button[aria-pressed='true'] {
    background: var(--deep);
    color: var(--on-deep);
  }
</style>
