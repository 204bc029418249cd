<script lang="ts">
  import Figure from './Figure.svelte';
  import { figureKey, figures } from './figures.svelte';
  import { frames } from './frames.svelte';
  import { playing } from './playing.svelte';

  interface Props {
    move: string;
    position: string;
    width: number;
    height: number;
    /** Its frame alone. */
    empty: boolean;
  }

  /** The picture on a card; it moves while the card is pointed at or focused. */
  const { move, position, width, height, empty }: Props = $props();

  const still = $derived(figures.of(figureKey(move, position, 'base')));
  const moving = $derived.by(() => {
    if (playing.card !== move) return undefined;
    return frames.of(move, position, 'base', 'right')?.phases[playing.at.phase]?.[playing.at.frame];
  });
</script>

<Figure figure={empty ? undefined : (moving ?? still)} label="" {width} {height} />
