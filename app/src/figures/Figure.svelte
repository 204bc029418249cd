<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Figure, FigurePath } from '../lib/api/client';

  interface Props {
    figure: Figure | undefined;
    /** The left side is the right one's picture flipped, hues swapped. */
    mirrored?: boolean;
    label: string;
    width: number;
    height: number;
    /** Something drawn over the figure, in its coordinates. */
    children?: Snippet;
  }

  const { figure, mirrored = false, label, width, height, children }: Props = $props();

  /** A frame of another shape than the figure's goes on above it and beside it: all stand on one line. */
  const frame = $derived.by(() => {
    const [left, top, right, bottom] = (figure?.box ?? [-560, -780, 560, 60]) as [
      number,
      number,
      number,
      number,
    ];
    const ratio = width / height;
    const w = Math.max(right - left, (bottom - top) * ratio);
    return `${(left + right) / 2 - w / 2} ${bottom - w / ratio} ${w} ${w / ratio}`;
  });

  const swap: Record<string, string> = {
    'right-arm': 'left-arm',
    'left-arm': 'right-arm',
    'right-leg': 'left-leg',
    'left-leg': 'right-leg',
  };
  const tone = (path: FigurePath) => (mirrored ? (swap[path.tone] ?? path.tone) : path.tone);
</script>

<svg
  viewBox={frame}
  {width}
  {height}
  role={children ? 'group' : label ? 'img' : undefined}
  aria-label={label || undefined}
  aria-hidden={label ? undefined : true}
>
  {#if figure}
    <g transform={mirrored ? `translate(${figure.box[0]! + figure.box[2]!} 0) scale(-1 1)` : undefined}>
      {#each figure.paths as path, i (i)}
        <path class={[tone(path), path.shaded && 'shaded']} d="m{path.x} {path.y}{path.steps}" />
      {/each}
    </g>
  {/if}
  {@render children?.()}
</svg>

<style>
  svg {
    display: block;
    max-width: 100%;
  }
  /* A hair's breadth of its own colour round each area, so that no gap shows between two. */
  path {
    fill: var(--tone);
    stroke: var(--tone);
    stroke-width: 1.4;
    stroke-linejoin: round;
    stroke-linecap: round;
  }
  .mat {
    --tone: var(--fig-mat);
  }
  .mat-edge {
    --tone: var(--fig-mat-edge);
  }
  .shadow {
    --tone: var(--fig-shadow);
  }
  .wall {
    --tone: var(--fig-wall);
  }
  .prop {
    --tone: var(--fig-prop);
  }
  .prop-side {
    --tone: var(--fig-prop-side);
  }
  .strap {
    --tone: var(--fig-strap);
  }
  .trunk {
    --tone: var(--fig-trunk);
  }
  .right-leg {
    --tone: var(--fig-right-leg);
  }
  .left-leg {
    --tone: var(--fig-left-leg);
  }
  .right-arm {
    --tone: var(--fig-right-arm);
  }
  .left-arm {
    --tone: var(--fig-left-arm);
  }
  .skin {
    --tone: var(--fig-skin);
  }
  .hair {
    --tone: var(--fig-hair);
  }
  .mouth {
    --tone: var(--fig-mouth);
  }
  /* A light edge, so that an arrow is seen on the body too. */
  .mark {
    --tone: var(--fig-mark);
    stroke: var(--ground);
    stroke-width: 11;
    paint-order: stroke;
  }
  .trunk.shaded {
    --tone: var(--fig-trunk-shade);
  }
  .right-leg.shaded {
    --tone: var(--fig-right-leg-shade);
  }
  .left-leg.shaded {
    --tone: var(--fig-left-leg-shade);
  }
  .right-arm.shaded {
    --tone: var(--fig-right-arm-shade);
  }
  .left-arm.shaded {
    --tone: var(--fig-left-arm-shade);
  }
  .skin.shaded {
    --tone: var(--fig-skin-shade);
  }
  .hair.shaded {
    --tone: var(--fig-hair-shade);
  }
  .seam {
    --tone: var(--ground);
    fill: none;
    stroke-width: 6;
  }
  .line {
    --tone: var(--fig-line);
    fill: none;
    stroke-width: 3.2;
  }
  .face {
    --tone: var(--fig-face);
    fill: none;
    stroke-width: 3.2;
  }
  .nose {
    --tone: var(--fig-nose);
    fill: none;
    stroke-width: 3;
  }
  .brow {
    --tone: var(--fig-brow);
    fill: none;
    stroke-width: 2.6;
  }
  .eye {
    --tone: var(--fig-eye);
    fill: none;
    stroke-width: 7.6;
  }
</style>
