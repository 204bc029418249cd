<script lang="ts">
  import ZoomIn from '@lucide/svelte/icons/zoom-in';
  import ZoomOut from '@lucide/svelte/icons/zoom-out';
  import { tick, untrack } from 'svelte';
  import { clock } from '../lib/time';
  import { x, type TideFrame } from './tide';
  import TideDrawing, { type Tide } from './TideDrawing.svelte';

  interface Props {
    tide: Tide;
    /** Where the selected line begins, or where the class runs. */
    playhead: number | null;
    onseek: (ms: number) => void;
    /** The border after a section was moved to a time. */
    onborder: (section: number, ms: number) => void;
    /** How closely the line is looked at now. */
    onzoom: (zoom: number) => void;
  }

  const { tide, playhead, onseek, onborder, onzoom }: Props = $props();

  const zooms = [1, 2, 4, 8, 16];
  // Breaths are told apart from here on.
  const rippleFrom = 4;

  let shown = $state(1200);
  let zoom = $state(1);
  let from = $state(0);
  let scroller: HTMLDivElement;
  const width = $derived(shown * zoom);
  const span = $derived(Math.max(tide.totalMs, tide.wantedMs, 1));
  const frame = $derived<TideFrame>({ width, height: 116, top: 12, totalMs: span });
  // A little more on both sides, so that scrolling finds it drawn.
  const sight = $derived(
    zoom < rippleFrom
      ? null
      : {
          fromMs: Math.max(0, ((from - shown) / width) * span),
          toMs: Math.min(tide.totalMs, ((from + 2 * shown) / width) * span),
        },
  );
  const step = $derived.by(() => {
    const across = span / zoom / 60_000;
    return across > 70 ? 10 : across > 25 ? 5 : across > 10 ? 2 : 1;
  });

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
</script>

<div
  class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-2 pr-4 pl-6 contain-content max-md:gap-x-0 max-md:pr-1 max-md:pl-3 print:grid-cols-1"
>
  <div
    bind:this={scroller}
    bind:clientWidth={shown}
    class="overflow-x-auto overflow-y-hidden"
    onscroll={() => (from = scroller.scrollLeft)}
    onwheel={wheel}
  >
    <TideDrawing {tide} {playhead} {frame} {step} {sight} {onseek} {onborder} />
  </div>
  <div class="flex flex-col self-center print:hidden" role="group" aria-label="How closely">
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
  <p id="tide-text" class="sr-only">
    Tide line, {clock(tide.totalMs)} of {clock(tide.wantedMs)}: {tide.bands
      .map((b) => `${b.name} from ${clock(b.fromMs)} to ${clock(b.toMs)}`)
      .join('; ')}. {tide.ticks.length} sides taken; {tide.open.length} things opened, {tide.open.filter(
      (o) => o.toMs == null,
    ).length} never closed.{#if tide.likely}
      Likely to end between {clock(tide.likely.p10Ms)} and {clock(tide.likely.p90Ms)}.{/if}
  </p>
</div>
