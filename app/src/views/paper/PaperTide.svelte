<script lang="ts">
  const { points, totalMs }: { points: readonly number[][]; totalMs: number } = $props();

  const [width, height, highest] = [1000, 90, 1250];
  const across = (ms: number) => (ms / Math.max(1, totalMs)) * width;
  const up = (level: number) => height - height * Math.min(1, level / highest);
  const path = $derived(
    `M0 ${height}` +
      points.map(([ms, level]) => `L${across(ms!).toFixed(1)} ${up(level!).toFixed(1)}`).join('') +
      `L${width} ${height}Z`,
  );
  // As wide as two digits: what would begin nearer to the end, ends there.
  const label = 20;
  const minutes = $derived(
    Array.from({ length: Math.floor(totalMs / 300_000) + 1 }, (_, i) => {
      const x = across(i * 300_000);
      return { minute: i * 5, x, isLast: x > width - label };
    }),
  );
</script>

<svg viewBox="0 0 {width} {height + 18}" class="mt-1 w-full" aria-hidden="true">
  <path d={path} fill="var(--water-bottom)" stroke="var(--water-line)" stroke-width="2" />
  {#each minutes as { minute, x, isLast } (minute)}
    <text
      x={isLast ? width : x}
      y={height + 14}
      font-size="13"
      fill="var(--muted)"
      text-anchor={isLast ? 'end' : 'start'}>{minute}</text
    >
  {/each}
</svg>
