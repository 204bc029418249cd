<script lang="ts">
  import type { Companion, MoveDetail, Way } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { spoken } from '../../lib/sides';
  import { plain } from '../words';

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
  const nameOf = (id: string) => catalogue.positions.get(id)?.name ?? plain(id);
</script>

{#snippet companions(title: string, list: Companion[])}
  {#if list.length > 0}
    <h3 class="mt-5 text-[17px]">{title}</h3>
    <ul class="mt-1 space-y-1">
      {#each list as other (other.move)}
        <li>
          <a
            class="underline decoration-line underline-offset-4 hover:decoration-current"
            href="#/moves/{other.move}">{other.name}</a
          >
          <span class="text-muted">{other.because}{other.seconds > 0 ? `, ${other.seconds} s away` : ''}</span
          >
        </li>
      {/each}
    </ul>
  {/if}
{/snippet}

{#snippet ways(title: string, list: Way[], end: 'from' | 'to')}
  {#if list.length > 0}
    <h3 class="mt-5 text-[17px]">{title}</h3>
    <ul class="mt-1 space-y-1">
      {#each list as way, i (i)}
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
      {/each}
    </ul>
  {/if}
{/snippet}

<h2 class="text-[20px]">Before and after</h2>
{@render companions('Makes ready for it', move.preparations)}
{@render companions('Takes it back', move.counters)}
{#if move.preparations.length + move.counters.length === 0}
  <p class="mt-2 text-muted">Nothing in it is strong enough to ask for more than the second side.</p>
{/if}
{@render ways('Ways here', into, 'from')}
{@render ways('Ways on from here', onwards, 'to')}
