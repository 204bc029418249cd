<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Attachment } from 'svelte/attachments';
  import type { Figure } from '../lib/api/client';
  import { markup } from './markup';

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

  // As text, straight into its group: making and moving ten thousand paths one by one takes longer.
  const paths = $derived(figure ? markup(figure, mirrored) : '');
  const insertPaths: Attachment<SVGGElement> = (group) => {
    // Tones and numbers of our own server.
    group.innerHTML = paths;
  };
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
    <g
      transform={mirrored ? `translate(${figure.box[0]! + figure.box[2]!} 0) scale(-1 1)` : undefined}
      {@attach insertPaths}
    ></g>
  {/if}
  {@render children?.()}
</svg>

<style>
  svg {
    display: block;
    max-width: 100%;
  }
  /* A hair's breadth of its own colour round each area, so that no gap shows between two. */
  svg :global(path) {
    fill: var(--tone);
    stroke: var(--tone);
    stroke-width: 1.4;
    stroke-linejoin: round;
    stroke-linecap: round;
  }
  svg :global(.mat) {
    --tone: var(--fig-mat);
  }
  svg :global(.mat-edge) {
    --tone: var(--fig-mat-edge);
  }
  svg :global(.shadow) {
    --tone: var(--fig-shadow);
  }
  svg :global(.wall) {
    --tone: var(--fig-wall);
  }
  svg :global(.prop) {
    --tone: var(--fig-prop);
  }
  svg :global(.prop-side) {
    --tone: var(--fig-prop-side);
  }
  svg :global(.cloth) {
    --tone: var(--fig-cloth);
  }
  svg :global(.cloth-side) {
    --tone: var(--fig-cloth-side);
  }
  svg :global(.strap) {
    --tone: var(--fig-strap);
  }
  svg :global(.trunk) {
    --tone: var(--fig-trunk);
  }
  svg :global(.right-leg) {
    --tone: var(--fig-right-leg);
  }
  svg :global(.left-leg) {
    --tone: var(--fig-left-leg);
  }
  svg :global(.right-arm) {
    --tone: var(--fig-right-arm);
  }
  svg :global(.left-arm) {
    --tone: var(--fig-left-arm);
  }
  svg :global(.skin) {
    --tone: var(--fig-skin);
  }
  svg :global(.hair) {
    --tone: var(--fig-hair);
  }
  svg :global(.mouth) {
    --tone: var(--fig-mouth);
  }
  svg :global(.tongue) {
    --tone: var(--fig-tongue);
  }
  /* A light edge, so that an arrow is seen on the body too. */
  svg :global(.mark) {
    --tone: var(--fig-mark);
    stroke: var(--ground);
    stroke-width: 11;
    paint-order: stroke;
  }
  svg :global(.trunk.shaded) {
    --tone: var(--fig-trunk-shade);
  }
  svg :global(.right-leg.shaded) {
    --tone: var(--fig-right-leg-shade);
  }
  svg :global(.left-leg.shaded) {
    --tone: var(--fig-left-leg-shade);
  }
  svg :global(.right-arm.shaded) {
    --tone: var(--fig-right-arm-shade);
  }
  svg :global(.left-arm.shaded) {
    --tone: var(--fig-left-arm-shade);
  }
  svg :global(.skin.shaded) {
    --tone: var(--fig-skin-shade);
  }
  svg :global(.hair.shaded) {
    --tone: var(--fig-hair-shade);
  }
  svg :global(.seam) {
    --tone: var(--ground);
    fill: none;
    stroke-width: 6;
  }
  svg :global(.line) {
    --tone: var(--fig-line);
    fill: none;
    stroke-width: 3.2;
  }
  svg :global(.face) {
    --tone: var(--fig-face);
    fill: none;
    stroke-width: 3.2;
  }
  svg :global(.nose) {
    --tone: var(--fig-nose);
    fill: none;
    stroke-width: 3;
  }
  svg :global(.brow) {
    --tone: var(--fig-brow);
    fill: none;
    stroke-width: 2.6;
  }
  svg :global(.eye) {
    --tone: var(--fig-eye);
    fill: none;
    stroke-width: 7.6;
  }
</style>
