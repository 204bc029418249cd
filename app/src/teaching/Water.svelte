<script lang="ts">
  import { area, curveBasis } from 'd3-shape';

  /** How high it stands, from 0 to 1; null where nobody is paced: then it lies still. */
  const { level }: { level: number | null } = $props();

  const [width, height, crests] = [1280, 800, 8];
  // From shin to hip of the figure: never so high that words stand in it.
  const [low, high, still] = [0.17, 0.4, 0.23];
  const share = $derived(level === null ? still : low + (high - low) * level);

  const wave = $derived.by(() => {
    const top = height * (1 - share);
    const points = Array.from(
      { length: crests * 2 + 1 },
      (_, i) => [(i / (crests * 2)) * width, top + (i % 2 ? 9 : -9)] as [number, number],
    );
    return area<[number, number]>()
      .y1((p) => p[1])
      .y0(height)
      .curve(curveBasis)(points)!;
  });
</script>

<svg
  viewBox="0 0 {width} {height}"
  preserveAspectRatio="none"
  aria-hidden="true"
  data-level={level === null ? 'still' : level.toFixed(2)}
>
  <defs>
    <linearGradient id="stage-water" x1="0" y1="0" x2="0" y2="1">
      <stop offset="0" stop-color="var(--stage-water-top)" />
      <stop offset="1" stop-color="var(--stage-water-bottom)" />
    </linearGradient>
  </defs>
  <path d={wave} fill="url(#stage-water)" />
</svg>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    --stage-water-top: color-mix(in srgb, var(--water-top) 55%, var(--ground));
    --stage-water-bottom: color-mix(in srgb, var(--water-bottom) 70%, var(--ground));
  }
</style>
