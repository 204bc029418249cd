<script lang="ts">
  import { evenly, surface, water, type TideFrame } from './tide';

  const { heights, totalMs, title }: { heights: number[]; totalMs: number; title: string } = $props();

  const frame = $derived<TideFrame>({ width: 420, height: 84, top: 8, totalMs });
  const points = $derived(evenly(heights, totalMs));
</script>

<svg
  viewBox="0 0 420 86"
  class="h-[86px] w-full"
  preserveAspectRatio="none"
  role="img"
  aria-label="Tide line of {title}"
>
  <path d={water(frame, points)} fill="url(#shelf-water)" />
  <path
    d={surface(frame, points)}
    fill="none"
    stroke="var(--water-line)"
    stroke-width="2.2"
    stroke-linejoin="round"
    vector-effect="non-scaling-stroke"
  />
  <defs>
    <linearGradient id="shelf-water" x1="0" y1="0" x2="0" y2="86" gradientUnits="userSpaceOnUse">
      <stop offset="0" stop-color="var(--water-top)" stop-opacity="0.85" />
      <stop offset="1" stop-color="var(--water-bottom)" />
    </linearGradient>
  </defs>
</svg>
