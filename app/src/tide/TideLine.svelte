<script lang="ts">
  import ZoomIn from '@lucide/svelte/icons/zoom-in';
  import ZoomOut from '@lucide/svelte/icons/zoom-out';
  import { curveMonotoneX, line } from 'd3-shape';
  import { tick, untrack } from 'svelte';
  import { clock } from '../lib/time';
  import { ripple, type ScoreEvent } from './events';
  import { heightAt, surface, water, x, y, type TideFrame } from './tide';

  export interface Band {
    id: string;
    name: string;
    fromMs: number;
    toMs: number;
  }
  export interface Tick {
    ms: number;
    side: 'right' | 'left';
  }
  export interface Mark {
    ms: number;
    level: 'serious' | 'notable' | 'hint';
    text: string;
  }

  interface Props {
    points: number[][];
    totalMs: number;
    wantedMs: number;
    bands: Band[];
    ticks: Tick[];
    marks: Mark[];
    /** From a strong line to what takes it back. */
    links: { fromMs: number; toMs: number }[];
    /** What is open, and for how long. */
    open: { what: string; fromMs: number; toMs?: number | null }[];
    /** Where the selected line begins. */
    playhead: number | null;
    /** How the line would run after a fix that is being looked at. */
    preview: number[][] | null;
    /** When each line begins, and its effort in METs. */
    effort: number[][];
    /** Every breath, once it is looked at closely. */
    events: readonly ScoreEvent[] | null;
    onseek: (ms: number) => void;
    /** How closely the line is looked at now. */
    onzoom: (zoom: number) => void;
  }

  const {
    points,
    totalMs,
    wantedMs,
    bands,
    ticks,
    marks,
    links,
    open,
    playhead,
    preview,
    effort,
    events,
    onseek,
    onzoom,
  }: Props = $props();

  const zooms = [1, 2, 4, 8, 16];
  // Breaths are told apart from here on.
  const rippleFrom = 4;
  const lift = 6;

  let shown = $state(1200);
  let zoom = $state(1);
  let from = $state(0);
  let scroller: HTMLDivElement;
  const width = $derived(shown * zoom);
  const span = $derived(Math.max(totalMs, wantedMs, 1));
  const frame = $derived<TideFrame>({ width, height: 116, top: 12, totalMs: span });
  const minutes = $derived(
    Array.from({ length: Math.floor(span / 60_000 / step(span)) + 1 }, (_, i) => i * step(span)),
  );
  const wide = $derived(bands.filter((b) => x(frame, b.toMs - b.fromMs) > b.name.length * 7 + 12));

  // What is in sight, and a little more on both sides so that scrolling finds it drawn.
  const sight = $derived({
    fromMs: Math.max(0, ((from - shown) / width) * span),
    toMs: Math.min(totalMs, ((from + 2 * shown) / width) * span),
  });
  const breath = $derived(
    zoom >= rippleFrom && events
      ? line<number[]>(
          (p) => x(frame, p[0]!),
          (p) => y(frame, heightAt(points, Math.min(p[0]!, totalMs))) - 3 - lift * p[1]!,
        ).curve(curveMonotoneX)(ripple(events, sight.fromMs, sight.toMs))
      : null,
  );
  // The water is darker where more is asked for; a shade of its own from one place to the next.
  const shades = $derived.by(() => {
    const stops: { at: number; opacity: number }[] = [];
    for (const [i, [ms, mets]] of effort.entries()) {
      const share = Math.min(1, Math.max(0, (mets! - restMets) / (workMets - restMets)));
      const opacity = Math.round(share * 4) / 8;
      if (stops.at(-1)?.opacity === opacity) continue;
      const at = ms! / span;
      if (i > 0) stops.push({ at, opacity: stops.at(-1)!.opacity });
      stops.push({ at, opacity });
    }
    return stops;
  });
  const discs = $derived({ right: discsOf('right'), left: discsOf('left') });

  /** A small disc over the water for each time a side is taken, filled on that side; all of a side are one path. */
  function discsOf(side: Tick['side']): { half: string; ring: string } {
    const r = 4.2;
    const sweep = side === 'right' ? 1 : 0;
    let [half, ring] = ['', ''];
    for (const { ms } of ticks.filter((t) => t.side === side)) {
      const [cx, cy] = [x(frame, ms), Math.max(5, y(frame, heightAt(points, ms)) - 12)];
      half += `M${cx} ${cy - r}A${r} ${r} 0 0 ${sweep} ${cx} ${cy + r}Z`;
      ring += `M${cx - r} ${cy}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
    }
    return { half, ring };
  }
  // Lying still is 1 MET; more than 4 is not asked for in these classes (Compendium of Physical Activities 2011, from memory).
  const restMets = 1;
  const workMets = 4;

  function step(ms: number): number {
    const across = ms / zoom;
    return across > 70 * 60_000 ? 10 : across > 25 * 60_000 ? 5 : across > 10 * 60_000 ? 2 : 1;
  }

  /** Closer or further, around a place that stays where it is. */
  async function zoomTo(next: number, atX = shown / 2) {
    if (!zooms.includes(next)) return;
    const share = (scroller.scrollLeft + atX) / width;
    zoom = next;
    onzoom(next);
    await tick();
    scroller.scrollLeft = share * width - atX;
  }

  function wheel(event: WheelEvent) {
    if (!event.ctrlKey) return;
    event.preventDefault();
    const at = event.clientX - scroller.getBoundingClientRect().left;
    void zoomTo(event.deltaY < 0 ? zoom * 2 : zoom / 2, at);
  }

  // The playhead stays in sight while it moves.
  $effect(() => {
    if (playhead === null || zoom === 1) return;
    const at = x(frame, playhead);
    const left = untrack(() => from);
    if (at < left + 20 || at > left + shown - 60) scroller.scrollLeft = at - shown / 3;
  });

  /** A low arch over the water between two moments. */
  function arch(fromMs: number, toMs: number): string {
    const [from, to] = [x(frame, fromMs), x(frame, toMs)];
    const foot = (ms: number) => Math.max(16, y(frame, heightAt(points, ms)) - 6);
    const top = Math.max(4, Math.min(foot(fromMs), foot(toMs)) - 22);
    return `M${from} ${foot(fromMs)}Q${(from + to) / 2} ${top} ${to} ${foot(toMs)}`;
  }

  function seek(event: MouseEvent & { currentTarget: SVGSVGElement }) {
    const box = event.currentTarget.getBoundingClientRect();
    onseek(((event.clientX - box.left) / box.width) * span);
  }
</script>

<div class="relative px-6 max-md:px-3">
  <div class="absolute top-[-4px] right-6 z-10 flex print:hidden" role="group" aria-label="How closely">
    <button
      class="tool"
      aria-label="Look closer"
      disabled={zoom === zooms.at(-1)}
      onclick={() => zoomTo(zoom * 2)}><ZoomIn size={17} aria-hidden="true" /></button
    >
    <button class="tool" aria-label="See more at once" disabled={zoom === 1} onclick={() => zoomTo(zoom / 2)}
      ><ZoomOut size={17} aria-hidden="true" /></button
    >
  </div>
  <div
    bind:this={scroller}
    bind:clientWidth={shown}
    class="overflow-x-auto overflow-y-hidden"
    onscroll={() => (from = scroller.scrollLeft)}
    onwheel={wheel}
  >
    <!-- The same can be reached with the arrow keys in the score, and is read out as text below. -->
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
    <svg
      viewBox="0 0 {width} 158"
      class="block h-[158px] cursor-pointer"
      style="width: {width}px"
      role="img"
      aria-labelledby="tide-text"
      onclick={seek}
    >
      <defs>
        <linearGradient id="water" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stop-color="var(--water-top)" />
          <stop offset="1" stop-color="var(--water-bottom)" />
        </linearGradient>
        <linearGradient id="effort" gradientUnits="userSpaceOnUse" x1="0" x2={x(frame, span)}>
          {#each shades as shade, i (i)}
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
          <path class="link" d={arch(link.fromMs, link.toMs)}
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
              >{state.what.replaceAll('-', ' ')} from {clock(state.fromMs)}{state.toMs == null
                ? ', never closed'
                : ` to ${clock(state.toMs)}`}</title
            ></line
          >
        {/each}
        {#if preview}<path d={surface(frame, preview)} class="preview" />{/if}
        {#each ['right', 'left'] as const as side (side)}
          <path class="ring {side}" d={discs[side].ring} />
          <path class={side} d={discs[side].half} />
        {/each}
        {#each minutes as minute (minute)}
          <text class="axis" x={Math.min(width - 8, Math.max(6, x(frame, minute * 60_000)))} y="133"
            >{minute}</text
          >
        {/each}
        {#each marks as mark, i (i)}
          <path class="mark {mark.level}" d="M{x(frame, mark.ms)} 117l5 8h-10z"
            ><title>{mark.text}</title></path
          >
        {/each}
        {#if Math.abs(wantedMs - totalMs) > 1000}
          <line class="wanted" x1={x(frame, wantedMs)} x2={x(frame, wantedMs)} y1="0" y2="116" />
        {/if}
        {#if playhead !== null}
          <line class="playhead" x1={x(frame, playhead)} x2={x(frame, playhead)} y1="0" y2="120" />
          <circle cx={x(frame, playhead)} cy="120" r="4.5" fill="var(--ink)" />
        {/if}
      </g>
    </svg>
  </div>
  <p id="tide-text" class="sr-only">
    Tide line, {clock(totalMs)} of {clock(wantedMs)}: {bands
      .map((b) => `${b.name} from ${clock(b.fromMs)} to ${clock(b.toMs)}`)
      .join('; ')}. {ticks.length} sides taken; {open.length} things opened, {open.filter(
      (o) => o.toMs == null,
    ).length} never closed.
  </p>
</div>

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
