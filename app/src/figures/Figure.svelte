<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Figure, FigurePart } from '../lib/api/client';
  import { capsulePath, polygonPath } from './capsule';

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

  const room = 24;
  // What is close up goes on below; a body that stands needs room for its outline only.
  const below = 8;

  const frame = $derived.by(() => {
    const box = figure?.box ?? [-300, -600, 300, 0];
    const [left, top, right, bottom] = [box[0]!, box[1]!, box[2]!, box[3]!];
    const ratio = width / height;
    const w = Math.max(right - left + 2 * room, (bottom - top + room + below) * ratio);
    const h = w / ratio;
    return `${(left + right) / 2 - w / 2} ${bottom + below - h} ${w} ${h}`;
  });

  const swap: Record<string, string> = { right: 'left', left: 'right' };
  const tone = (part: FigurePart) => (mirrored ? (swap[part.tone] ?? part.tone) : part.tone);
  const path = (part: FigurePart) =>
    part.outlines.map(polygonPath).join('') + part.capsules.map(capsulePath).join('');
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
      {#each figure.parts as part, i (i)}
        <path class={tone(part)} d={path(part)} />
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
  path {
    stroke: var(--ground);
    stroke-width: 15;
    stroke-linejoin: round;
    paint-order: stroke;
  }
  .trunk {
    fill: var(--fig-trunk);
  }
  .right {
    fill: var(--fig-right);
  }
  .left {
    fill: var(--fig-left);
  }
  .skin,
  .face {
    fill: var(--fig-skin);
  }
  .hair {
    fill: var(--fig-hair);
  }
  .eye {
    fill: #3b2f2a;
  }
  .prop {
    fill: var(--fig-prop);
  }
  .prop-edge {
    fill: var(--fig-prop-edge);
  }
  .mat {
    fill: var(--fig-mat);
  }
  .mark {
    fill: var(--fig-mark);
  }
  .mat,
  .eye,
  .face {
    stroke: none;
  }
</style>
