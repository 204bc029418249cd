<script lang="ts">
  import Figure from '../figures/Figure.svelte';
  import { figureKey, figures } from '../figures/figures.svelte';
  import { frames } from '../figures/frames.svelte';
  import type { Moment } from './moment';

  /** Mirrored for whoever faces the group and does what they see. */
  const { moment, mirrored }: { moment: Moment; mirrored: boolean } = $props();

  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  const side = $derived(moment.side === 'left' ? 'left' : 'right');
  const moving = $derived(
    moment.line && frames.of(moment.line.move, moment.line.position, moment.line.option, side),
  );
  const picture = $derived(
    moment.line && figures.of(figureKey(moment.line.move, moment.line.position, moment.line.option)),
  );
  const practises = $derived(moment.event.kind === 'breath' || moment.event.kind === 'beat');

  const shown = $derived.by(() => {
    const phase = practises ? moving?.phases[moment.event.phase] : undefined;
    if (!phase || !moving) return undefined;
    const last = phase.length - 1;
    const frame =
      still || moment.event.breath === 'stay'
        ? last
        : Math.min(last, Math.floor(moment.share * phase.length));
    return { ...phase[frame]!, box: moving.box };
  });
</script>

<!-- On the way there and while it is told, the picture of what comes stands there. -->
{#if shown}
  <Figure figure={shown} mirrored={mirrored !== moving?.mirrored} label="" width={560} height={470} />
{:else if picture}
  <Figure figure={picture} mirrored={mirrored !== (side === 'left')} label="" width={560} height={470} />
{/if}
