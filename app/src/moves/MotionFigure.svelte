<script lang="ts">
  import { onDestroy } from 'svelte';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import Figure from '../figures/Figure.svelte';
  import type { Frames } from '../lib/api/client';

  interface Props {
    frames: (Frames & { mirrored?: boolean }) | undefined;
    label: string;
    width: number;
    height: number;
    /** The phase that is shown, as they are said; playing moves it on. */
    phase: number;
  }

  let { frames, label, width, height, phase = $bindable() }: Props = $props();

  let frame = $state(0);
  let playing = $state(false);
  let timer = 0;
  let startedAt = 0;
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;

  /** The frames of the phase: some circles take the same shapes backward in time on the second side. */
  const taken = () => frames?.phases[frames.order[phase] ?? phase];

  const shown = $derived.by(() => {
    const all = taken();
    if (!all) return undefined;
    // One frame around all of the motion, so that the figure moves and the picture does not.
    const figure = all[Math.min(playing ? frame : all.length - 1, all.length - 1)]!;
    return { ...figure, box: frames!.box };
  });

  function step(now: number) {
    const all = taken();
    if (!all) return stop();
    const share = (now - startedAt) / (frames!.ms[phase] ?? 4000);
    if (share >= 1) {
      phase = (phase + 1) % (frames?.ms.length ?? 1);
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
    if (still) phase = (phase + 1) % (frames?.ms.length ?? 1);
    else if (playing) stop();
    else play();
  }

  onDestroy(stop);
</script>

<div>
  <Figure figure={shown} mirrored={frames?.mirrored} {label} {width} {height} />
  <button class="press mt-2 inline-flex items-center gap-2" onclick={toggle} disabled={!frames}>
    {#if playing}<Pause size={18} aria-hidden="true" />Stop{:else}<Play size={18} aria-hidden="true" />{still
        ? 'Next picture'
        : 'Play'}{/if}
  </button>
</div>
