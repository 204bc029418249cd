<script lang="ts">
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import Figure from '../figures/Figure.svelte';
  import { figureKey, figures } from '../figures/figures.svelte';
  import { frames } from '../figures/frames.svelte';
  import { breathLabel } from '../lib/breath';
  import { catalogue } from '../lib/catalogue.svelte';
  import { chosen, type Side } from '../lib/sides';
  import { clock } from '../lib/time';
  import { shownIn } from '../moves/words';
  import Cue from './Cue.svelte';
  import type { Playback } from './playback.svelte';
  import type { PlanState } from '../plan/plan.svelte';
  import SideMark from './SideMark.svelte';

  interface Props {
    plan: PlanState;
    playback: Playback;
    /** Where the selected line begins. */
    startMs: number | undefined;
  }

  const { plan, playback, startMs }: Props = $props();

  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  const line = $derived(plan.line(plan.selected ?? ''));
  const move = $derived(catalogue.moves.get(line?.move ?? ''));
  const position = $derived(shownIn(move, plan.score?.lines.find((l) => l.id === line?.id)?.position));
  // Moving pictures are large; while somebody goes through the lines or changes them they are not asked for.
  const restsMs = 600;
  let rests = $state<string | null>(null);
  $effect(() => {
    const at = plan.selected;
    void plan.score;
    const timer = setTimeout(() => (rests = at), restsMs);
    return () => clearTimeout(timer);
  });
  const option = $derived(line?.option ?? 'base');
  const event = $derived(playback.ms === null ? undefined : playback.event);
  const firstSaid = $derived(
    move
      ? chosen(move, line?.sides, plan.document?.conventions?.firstSide === 'left')?.said[0]?.side
      : undefined,
  );
  // The group's side, where there is one.
  const sided = $derived(event && event.side !== 'none' ? event.side : firstSaid);
  const side = $derived<Side>(sided ?? 'right');
  // Some circles go the other way round with the same shapes; nothing is mirrored then.
  const turned = $derived(move?.second === 'reverse');
  const motion = $derived(
    move && position && (rests === plan.selected || playback.playing)
      ? frames.of(move.id, position, option, turned && side === 'left' ? 'left' : 'right')
      : undefined,
  );
  const phases = $derived(motion?.phases ?? []);
  // Before the first breath of the line the figure waits where it ends, as in the score.
  const phase = $derived(
    event && event.step >= 0 ? event.step : Math.max(0, phases.length - (phases.length > 2 ? 2 : 1)),
  );
  const figure = $derived.by(() => {
    const all = phases[phase];
    if (!all || !motion)
      return move && position ? figures.of(figureKey(move.id, position, option)) : undefined;
    const share = event && event.step >= 0 && !still && event.phase !== 'stay' ? playback.share : 1;
    return { ...all[Math.min(all.length - 1, Math.floor(share * all.length))]!, box: motion.box };
  });
  // Who faces the group does the other side, and sees it here.
  const own = $derived<Side | undefined>(
    sided && plan.document?.conventions?.cues === 'mirror'
      ? sided === 'right'
        ? 'left'
        : 'right'
      : undefined,
  );
  const doing = $derived.by(() => {
    if (!event) return '';
    if (event.kind === 'lead') return 'talk-in';
    if (event.kind === 'way') return 'on the way';
    if (event.kind === 'pause') return 'notice';
    return event.of > 0 ? `${event.round} of ${event.of}` : '';
  });
</script>

{#if move}
  <section aria-label="The line as it is done" class="mb-3 flex gap-3">
    <div class="w-[162px] shrink-0 self-start rounded-2xl bg-band p-1.5 max-lg:w-[100px] max-md:w-[162px]">
      <Figure {figure} mirrored={!turned && (own ?? side) === 'left'} label="" width={150} height={120} />
    </div>
    <div class="flex min-w-0 flex-1 flex-col">
      <p class="leading-tight font-bold">{move.name}</p>
      <p class="text-[13.5px] text-muted">
        {clock(playback.ms ?? startMs ?? 0)}{doing && ` · ${doing}`}
      </p>
      {#if own}
        <p class="text-[13.5px]">You, facing them: <SideMark text="your {own}" side={own} /></p>
      {/if}
      <div class="min-h-10 text-[14px] leading-snug">
        {#if event?.cue && event.kind !== 'lead'}<Cue
            label={breathLabel(event.phase ?? '', plan.document?.conventions)}
            cue={event.cue}
            {side}
          />{/if}
      </div>
      <button
        class="press mt-auto inline-flex items-center gap-2 self-start"
        aria-pressed={playback.playing}
        title="Let it run (p)"
        disabled={plan.offline || startMs === undefined}
        onclick={() => playback.toggle()}
      >
        {#if playback.playing}<Pause size={17} aria-hidden="true" />Stop{:else}<Play
            size={17}
            aria-hidden="true"
          />Let it run{/if}
      </button>
    </div>
  </section>
{/if}
