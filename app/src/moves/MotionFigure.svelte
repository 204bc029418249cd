<script lang="ts">
  import { onDestroy } from 'svelte';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import Figure from '../figures/Figure.svelte';
  import type { Frames } from '../lib/api/client';

  interface Props {
    frames: Frames | undefined;
    label: string;
    width: number;
    height: number;
    /** The phase that is shown; playing moves it on. */
    phase: number;
    /** Seconds each phase takes. */
    seconds: number[];
  }

  let { frames, label, width, height, phase = $bindable(), seconds }: Props = $props();

  let frame = $state(0);
  let playing = $state(false);
  let timer = 0;
  let startedAt = 0;
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;

  const shown = $derived.by(() => {
    const all = frames?.phases[phase];
    if (!all) return undefined;
    // One frame around all of the motion, so that the figure moves and the picture does not.
    const figure = all[Math.min(playing ? frame : all.length - 1, all.length - 1)]!;
    return { ...figure, box: frames!.box };
  });

  function step(now: number) {
    const all = frames?.phases[phase];
    if (!all) return stop();
    const share = (now - startedAt) / 1000 / (seconds[phase] ?? 4);
    if (share >= 1) {
      phase = (phase + 1) % frames!.phases.length;
      startedAt = now;
      frame = 0;
    } else frame = Math.floor(share * all.length);
    timer = requestAnimationFrame(step);
  }

  function play() {
    playing = true;
    startedAt = performance.now();
    timer = requestAnimationFrame(step);
  }

  function stop() {
    playing = false;
    cancelAnimationFrame(timer);
  }

  /** With reduced motion playing goes from picture to picture by hand. */
  function toggle() {
    if (still) phase = (phase + 1) % (frames?.phases.length ?? 1);
    else if (playing) stop();
    else play();
  }

  onDestroy(stop);
</script>

<div>
  <Figure figure={shown} {label} {width} {height} />
  <button class="press mt-2 inline-flex items-center gap-2" onclick={toggle} disabled={!frames}>
    {#if playing}<Pause size={18} aria-hidden="true" />Stop{:else}<Play size={18} aria-hidden="true" />{still
        ? 'Next picture'
        : 'Play'}{/if}
  </button>
</div>
