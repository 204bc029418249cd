<script lang="ts">
  import { plain } from '../lib/words';
  import type { Score } from '../lib/api/client';
  import { clock } from '../lib/time';
  import { bodyMap, tint } from './map.svelte';

  interface Props {
    face: 'front' | 'back';
    areas: Score['ledgers']['areas'];
    theme: readonly string[];
    chosen: string | null;
    onchoose: (area: string) => void;
  }

  const { face, areas, theme, chosen, onchoose }: Props = $props();

  // Borders of areas do what seams do elsewhere.
  const lines = ['line', 'face', 'nose', 'brow', 'eye'];

  const dose = $derived(new Map(areas.map((a) => [a.area, a])));
  const map = $derived(bodyMap.of(face));
  const body = $derived(map?.body.paths ?? []);
  /** Each area once, with what is seen of it on both sides. */
  const seen = $derived(
    [...new Set((map?.areas ?? []).map((a) => a.area))].map((area) => ({
      area,
      sides: map!.areas.filter((a) => a.area === area),
    })),
  );
  const told = (area: string) => {
    const a = dose.get(area);
    return `${plain(area)}: right ${clock(a?.rightMs ?? 0)}, left ${clock(a?.leftMs ?? 0)}`;
  };

  function key(event: KeyboardEvent, area: string) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onchoose(area);
  }
</script>

<figure class="text-center">
  <svg
    viewBox="-320 -1045 640 1085"
    class="mx-auto h-[min(560px,calc(100vh-330px))] min-h-[380px] max-w-full"
    role="group"
    aria-label="{face} of the body"
  >
    <g aria-hidden="true">
      {#each body.filter((p) => p.tone !== 'seam' && !lines.includes(p.tone)) as path, i (i)}
        <path class={['body', path.tone, path.shaded && 'shaded']} d="m{path.x} {path.y}{path.steps}" />
      {/each}
    </g>
    {#each seen as { area, sides } (area)}
      <g
        class="area"
        class:theme={theme.includes(area)}
        class:chosen={chosen === area}
        role="button"
        tabindex="0"
        aria-pressed={theme.includes(area) || chosen === area}
        aria-label={told(area)}
        onclick={() => onchoose(area)}
        onkeydown={(event) => key(event, area)}
      >
        <title>{told(area)}</title>
        {#each sides as side (side.side)}
          {@const ms = (side.side === 'right' ? dose.get(area)?.rightMs : dose.get(area)?.leftMs) ?? 0}
          <path d="m{side.x} {side.y}{side.steps}" style="fill-opacity: {tint(ms)}" />
        {/each}
      </g>
    {/each}
    <g aria-hidden="true" class="lines">
      {#each body.filter((p) => lines.includes(p.tone)) as path, i (i)}
        <path class={path.tone} d="m{path.x} {path.y}{path.steps}" />
      {/each}
    </g>
  </svg>
  <figcaption class="font-head font-semibold capitalize">{face}</figcaption>
</figure>

<style>
  .body {
    --tone: var(--sand-deep);
    fill: var(--tone);
    stroke: var(--tone);
    stroke-width: 1.4;
  }
  .skin {
    --tone: var(--sand);
  }
  .hair {
    --tone: var(--fig-hair);
  }
  .area path {
    fill: var(--deep);
    stroke: var(--ground);
    stroke-width: 2;
  }
  .area {
    cursor: pointer;
    outline: none;
  }
  .area.theme path {
    stroke: var(--right);
    stroke-width: 7;
    paint-order: stroke;
  }
  .area.chosen path,
  .area:focus-visible path {
    stroke: var(--ink);
    stroke-width: 8;
  }
  .area:hover path {
    stroke: var(--ink);
    stroke-width: 4;
  }
  .lines {
    pointer-events: none;
  }
  .lines path {
    fill: none;
    stroke: var(--ground);
    stroke-width: 4;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .lines .line,
  .lines .face,
  .lines .nose,
  .lines .brow {
    stroke: var(--muted);
    stroke-width: 2.6;
  }
  .lines .eye {
    stroke: var(--muted);
    stroke-width: 7;
  }
</style>
