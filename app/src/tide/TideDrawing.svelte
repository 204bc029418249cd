<script lang="ts">
  import { plain } from '../lib/words';
  import type { Score } from '../lib/api/client';
  import { clock } from '../lib/time';
  import type { ScoreEvent } from './events';
  import type { Band, Mark, Tick } from './marks';
  import { arch, breathLine, discs, shades, surface, water, x, type TideFrame } from './tide';

  export interface Tide {
    points: number[][];
    totalMs: number;
    wantedMs: number;
    bands: Band[];
    ticks: Tick[];
    marks: Mark[];
    /** From a strong line to what takes it back. */
    links: Pick<Score['links'][number], 'fromMs' | 'toMs'>[];
    /** What is open, and for how long. */
    open: Pick<Score['open'][number], 'what' | 'fromMs' | 'toMs'>[];
    /** How the line would run after a fix that is being looked at. */
    preview: number[][] | null;
    /** When each line begins, and its effort in METs. */
    effort: number[][];
    /** Every breath, once it is looked at closely. */
    events: readonly ScoreEvent[] | null;
    /** Between which moments the class is likely to end. */
    likely: Pick<Score['forecast'], 'p10Ms' | 'p90Ms'> | null;
  }

  interface Props {
    tide: Tide;
    /** Where the selected line begins, or where the class runs. */
    playhead: number | null;
    frame: TideFrame;
    /** Minutes between the numbers below. */
    step: number;
    /** What is in sight, where breaths can be told apart; else null. */
    sight: { fromMs: number; toMs: number } | null;
    onseek: (ms: number) => void;
    /** The border after a section was moved to a time. */
    onborder: (section: number, ms: number) => void;
  }

  const { tide, playhead, frame, step, sight, onseek, onborder }: Props = $props();

  const { points, totalMs, wantedMs, bands, marks, links, open, preview, likely } = $derived(tide);
  const likelyMiddle = $derived(
    likely && likely.p90Ms > likely.p10Ms ? (totalMs - likely.p10Ms) / (likely.p90Ms - likely.p10Ms) : 0.5,
  );
  const minutes = $derived(
    Array.from({ length: Math.floor(frame.totalMs / 60_000 / step) + 1 }, (_, i) => i * step),
  );
  const wide = $derived(bands.filter((b) => x(frame, b.toMs - b.fromMs) > b.name.length * 7 + 12));
  const breath = $derived(
    sight && tide.events ? breathLine(frame, points, tide.events, sight.fromMs, sight.toMs) : null,
  );
  const dark = $derived(shades(tide.effort, frame.totalMs));
  const discsOf = (side: Tick['side']) =>
    discs(
      frame,
      points,
      tide.ticks.filter((t) => t.side === side).map((t) => t.ms),
      side,
    );
  const sides = $derived({ right: discsOf('right'), left: discsOf('left') });

  let picture: SVGSVGElement;
  // The border that is being moved, and where it is now.
  let moving = $state<{ section: number; ms: number } | null>(null);
  // A drag ends with a click, which is no seeking.
  let moved = false;
  const nearby = 5;

  function timeAt(event: MouseEvent): number {
    const box = picture.getBoundingClientRect();
    return Math.min(frame.totalMs, Math.max(0, ((event.clientX - box.left) / box.width) * frame.totalMs));
  }

  function seek(event: MouseEvent) {
    if (moved) moved = false;
    else onseek(timeAt(event));
  }

  function take(event: PointerEvent, section: number) {
    if (event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    moving = { section, ms: bands[section]!.toMs };
  }

  function drag(event: PointerEvent) {
    if (!moving) return;
    const [from, to] = [bands[moving.section]!.fromMs, bands[moving.section + 1]!.toMs];
    moving = { ...moving, ms: Math.min(to, Math.max(from, timeAt(event))) };
  }

  function drop() {
    if (!moving) return;
    const { section, ms } = moving;
    moving = null;
    moved = true;
    if (Math.abs(x(frame, ms) - x(frame, bands[section]!.toMs)) > nearby) onborder(section, ms);
  }
</script>

<!-- The same can be reached with the arrow keys in the score, and is read out as text below. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<svg
  viewBox="0 0 {frame.width} 158"
  class="block h-[158px] cursor-pointer print:h-auto print:w-full!"
  style="width: {frame.width}px"
  role="img"
  aria-labelledby="tide-text"
  bind:this={picture}
  onclick={seek}
>
  <defs>
    <linearGradient id="water" x1="0" y1="0" x2="0" y2="1">
      <stop offset="0" stop-color="var(--water-top)" />
      <stop offset="1" stop-color="var(--water-bottom)" />
    </linearGradient>
    <!-- Most likely in the middle; what lies beyond the picture fades at its end. -->
    <linearGradient
      id="likely"
      gradientUnits="userSpaceOnUse"
      x1={x(frame, likely?.p10Ms ?? 0)}
      x2={x(frame, likely?.p90Ms ?? 0)}
    >
      <stop offset="0" stop-color="var(--ink)" stop-opacity="0.12" />
      <stop offset={likelyMiddle} stop-color="var(--ink)" stop-opacity="0.6" />
      <stop offset="1" stop-color="var(--ink)" stop-opacity="0" />
    </linearGradient>
    <linearGradient id="effort" gradientUnits="userSpaceOnUse" x1="0" x2={frame.width}>
      {#each dark as shade, i (i)}
        <stop offset={shade.at} stop-color="var(--effort)" stop-opacity={shade.opacity} />
      {/each}
    </linearGradient>
  </defs>
  <g transform="translate(0 18)">
    {#each bands as band, i (band.id)}
      <rect
        x={x(frame, band.fromMs)}
        width={Math.max(0, x(frame, band.toMs - band.fromMs))}
        height="116"
        fill={i % 2 ? 'var(--band)' : 'none'}
      />
    {/each}
    {#each wide as band (band.id)}
      <text class="band" x={x(frame, band.fromMs) + 5} y="-5">{band.name}</text>
    {/each}
    <path d={water(frame, points)} fill="url(#water)" />
    <path d={water(frame, points)} fill="url(#effort)" />
    <path d={surface(frame, points)} class="surface" />
    {#if breath}<path d={breath} class="breath" />{/if}
    {#each links as link, i (i)}
      <path class="link" d={arch(frame, points, link.fromMs, link.toMs)}
        ><title>taken back at {clock(link.toMs)}</title></path
      >
    {/each}
    {#each open as state, i (i)}
      <line
        class="open"
        class:unclosed={state.toMs == null}
        x1={x(frame, state.fromMs)}
        x2={x(frame, state.toMs ?? totalMs)}
        y1={112 - (i % 3) * 4}
        y2={112 - (i % 3) * 4}
        ><title
          >{plain(state.what)} from {clock(state.fromMs)}{state.toMs == null
            ? ', never closed'
            : ` to ${clock(state.toMs)}`}</title
        ></line
      >
    {/each}
    {#if preview}<path d={surface(frame, preview)} class="preview" />{/if}
    {#each ['right', 'left'] as const as side (side)}
      <path class="ring {side}" d={sides[side].ring} />
      <path class={side} d={sides[side].half} />
    {/each}
    {#each minutes as minute (minute)}
      <text class="axis" x={Math.min(frame.width - 8, Math.max(6, x(frame, minute * 60_000)))} y="133"
        >{minute}</text
      >
    {/each}
    {#each marks as mark, i (i)}
      <path class="mark {mark.level}" d="M{x(frame, mark.ms)} 117l5 8h-10z"><title>{mark.text}</title></path>
    {/each}
    {#if likely && likely.p90Ms > 0}
      <rect
        class="likely"
        x={x(frame, likely.p10Ms)}
        width={Math.max(0, frame.width - x(frame, likely.p10Ms))}
        y="116"
        height="5"
        fill="url(#likely)"
        ><title>Likely to end between {clock(likely.p10Ms)} and {clock(likely.p90Ms)}</title></rect
      >
    {/if}
    {#if Math.abs(wantedMs - totalMs) > 1000}
      <line class="wanted" x1={x(frame, wantedMs)} x2={x(frame, wantedMs)} y1="0" y2="116" />
    {/if}
    {#each bands.slice(0, -1) as band, i (band.id)}
      <rect
        class="border"
        role="presentation"
        x={x(frame, band.toMs) - nearby}
        y="-14"
        width={2 * nearby}
        height="130"
        onpointerdown={(e) => take(e, i)}
        onpointermove={drag}
        onpointerup={drop}
        onpointercancel={() => (moving = null)}
        ><title>Drag to give {band.name} more time, or less</title></rect
      >
    {/each}
    {#if moving}
      <line class="moving" x1={x(frame, moving.ms)} x2={x(frame, moving.ms)} y1="-14" y2="120" />
      <text class="axis" x={x(frame, moving.ms) + 4} y="-5" style="text-anchor: start"
        >{clock(moving.ms - bands[moving.section]!.fromMs)}</text
      >
    {/if}
    {#if playhead !== null}
      <line class="playhead" x1={x(frame, playhead)} x2={x(frame, playhead)} y1="0" y2="120" />
      <circle cx={x(frame, playhead)} cy="120" r="4.5" fill="var(--ink)" />
    {/if}
  </g>
</svg>

<style>
  .band {
    font: 600 12.5px var(--font-head);
    fill: var(--muted);
  }
  .axis {
    font-size: 11.5px;
    text-anchor: middle;
    fill: var(--muted);
  }
  .right {
    fill: var(--right);
    stroke: var(--right);
  }
  .left {
    fill: var(--left);
    stroke: var(--left);
  }
  .ring {
    fill: var(--ground);
    stroke-width: 1.4;
  }
  .surface {
    fill: none;
    stroke: var(--water-line);
    stroke-width: 2;
    stroke-linejoin: round;
  }
  .breath {
    fill: none;
    stroke: var(--water-top);
    stroke-width: 1.6;
  }
  .link {
    fill: none;
    stroke: var(--right);
    stroke-width: 1.8;
  }
  .open {
    stroke: var(--on-deep);
    stroke-opacity: 0.55;
    stroke-width: 2;
  }
  .unclosed {
    stroke: var(--serious);
    stroke-opacity: 1;
  }
  .preview {
    fill: none;
    stroke: var(--serious);
    stroke-width: 2;
    stroke-dasharray: 3 5;
    stroke-linecap: round;
  }
  .wanted {
    stroke: var(--muted);
    stroke-dasharray: 2 4;
    stroke-width: 1.5;
  }
  .border {
    fill: transparent;
    cursor: ew-resize;
    touch-action: none;
  }
  .border:hover {
    fill: var(--ink);
    fill-opacity: 0.12;
  }
  .moving {
    stroke: var(--ink);
    stroke-width: 2;
    stroke-dasharray: 4 3;
  }
  .playhead {
    stroke: var(--ink);
    stroke-width: 2;
  }
  .serious {
    fill: var(--serious);
  }
  .notable {
    fill: var(--notable);
  }
  .hint {
    fill: var(--hint);
  }
</style>
