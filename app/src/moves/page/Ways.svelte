<script lang="ts">
  import { plain } from '../../lib/words';
  import type { MoveDetail, Way } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { spoken } from '../../lib/sides';

  interface Props {
    move: MoveDetail;
    /** The position it is shown in. */
    position: string;
  }

  const { move, position }: Props = $props();

  const into = $derived(move.waysIn.filter((w) => w.to === position));
  // Some moves end elsewhere than they begin.
  const onwards = $derived(
    move.waysOut.filter((w) => w.from === position || !move.summary.positions.includes(w.from)),
  );
  // Ways roll to the right where a class says nothing.
  const say = (text: string) =>
    spoken(text, 'right')
      .map((p) => p.text)
      .join('');
  // The nearest first; the rest on request.
  const shown = 5;
  const nameOf = (id: string) => catalogue.positions.get(id)?.name ?? plain(id);
</script>

{#snippet one(way: Way, end: 'from' | 'to')}
  <li>
    <details>
      <summary class="cursor-pointer"
        >{nameOf(way[end])} <span class="text-muted">{Math.round(way.ms / 1000)} s</span></summary
      >
      <ol class="mt-1 pl-4 text-muted">
        {#each way.steps as step, i (i)}<li>{say(step.say)}</li>{/each}
        {#each way.cautions as caution (caution)}<li class="italic">{caution}</li>{/each}
      </ol>
    </details>
  </li>
{/snippet}

{#snippet ways(title: string, list: Way[], end: 'from' | 'to')}
  {#if list.length > 0}
    <h2 class="mt-7 text-[20px]">{title}</h2>
    <ul class="mt-1 space-y-1">
      {#each list.slice(0, shown) as way, i (i)}{@render one(way, end)}{/each}
    </ul>
    {#if list.length > shown}
      <details class="mt-1">
        <summary class="cursor-pointer text-muted">{list.length - shown} more</summary>
        <ul class="mt-1 space-y-1">
          {#each list.slice(shown) as way, i (i)}{@render one(way, end)}{/each}
        </ul>
      </details>
    {/if}
  {/if}
{/snippet}

{@render ways('Ways here', into, 'from')}
{@render ways('Ways on from here', onwards, 'to')}
