<script lang="ts">
  import { plain } from '../lib/words';
  import type { Score } from '../lib/api/client';
  import { clock } from '../lib/time';
  import { patches, tint } from './patches';

  interface Props {
    face: 'front' | 'back';
    areas: Score['ledgers']['areas'];
    theme: readonly string[];
    chosen: string | null;
    onchoose: (area: string) => void;
  }

  const { face, areas, theme, chosen, onchoose }: Props = $props();

  const dose = $derived(new Map(areas.map((a) => [a.area, a])));
  // Seen from the front the body's right is on the left of the picture.
  const rightIs = $derived(face === 'front' ? -1 : 1);
</script>

<figure class="text-center">
  <svg
    viewBox="-120 0 240 500"
    class="mx-auto h-[min(560px,calc(100vh-330px))] min-h-[380px] max-w-full"
    role="group"
    aria-label="{face} of the body"
  >
    <g class="body" aria-hidden="true">
      <circle cx="0" cy="44" r="29" />
      {#if face === 'front'}
        <path class="hair" d="M-29 42a29 29 0 0 1 58 0c-10-12-44-16-58 0z" />
        <circle class="eye" cx="-9" cy="46" r="2.4" /><circle class="eye" cx="9" cy="46" r="2.4" />
      {:else}<path class="hair" d="M-29 44a29 29 0 0 1 58 0c0 12-6 20-14 24h-30c-8-4-14-12-14-24z" />{/if}
      <path d="M-11 64h22v30h-22z" />
      <path
        d="M-58 104c10-14 34-14 58-14s48 0 58 14c6 40-8 62-12 92-2 18 2 36 4 54l-50 14-50-14c2-18 6-36 4-54-4-30-18-52-12-92z"
      />
      {#each [-1, 1] as s (s)}
        <g transform="scale({s} 1)">
          <path class="limb" d="M52 108l18 72 14 66" style="stroke-width: 24" />
          <path class="limb" d="M84 246l8 30" style="stroke-width: 16" />
          <path class="limb" d="M26 250l4 100" style="stroke-width: 44" />
          <path class="limb" d="M30 356l-2 98" style="stroke-width: 30" />
          <path class="limb" d="M28 462l6 16" style="stroke-width: 22" />
        </g>
      {/each}
    </g>
    {#each patches.filter((p) => p.face === face) as patch (patch.area)}
      {@const a = dose.get(patch.area)}
      {@const [x, y, rx, ry, turn = 0] = patch.at}
      {#each [['right', a?.rightMs ?? 0], ['left', a?.leftMs ?? 0]] as const as [side, ms] (side)}
        {@const s = side === 'right' ? rightIs : -rightIs}
        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
        <ellipse
          class="patch"
          class:theme={theme.includes(patch.area)}
          class:chosen={chosen === patch.area}
          cx={s * x}
          cy={y}
          {rx}
          {ry}
          transform="rotate({s * turn} {s * x} {y})"
          style="fill-opacity: {tint(ms)}"
          onclick={() => onchoose(patch.area)}
          ><title>{plain(patch.area)}, {side}: {clock(ms)}</title></ellipse
        >
      {/each}
    {/each}
  </svg>
  <figcaption class="font-head font-semibold capitalize">{face}</figcaption>
</figure>

<style>
  .body {
    fill: var(--sand);
  }
  .hair {
    fill: var(--fig-hair);
  }
  .eye {
    fill: var(--fig-hair);
  }
  .body .limb {
    fill: none;
    stroke: var(--sand);
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .patch {
    fill: var(--deep);
    stroke: var(--line);
    stroke-width: 1;
    cursor: pointer;
  }
  .theme {
    stroke: var(--right);
    stroke-width: 3;
  }
  .chosen {
    stroke: var(--ink);
    stroke-width: 3.5;
  }
</style>
