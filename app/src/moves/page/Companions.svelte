<script lang="ts">
  import type { Companion, MoveDetail } from '../../lib/api/client';

  const { move }: { move: MoveDetail } = $props();

  /** Alternating and circling moves have both sides within them. */
  const hasOtherSide = $derived(['one-sided', 'crossing'].includes(move.summary.sides));
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

<h2 class="text-[20px]">Before and after</h2>
{@render companions('Preparations', move.preparations)}
{@render companions('Counters', move.counters)}
{#if move.preparations.length + move.counters.length === 0}
  <p class="mt-2 text-muted">
    {hasOtherSide
      ? 'It asks for nothing before; after it comes the other side.'
      : 'It asks for nothing before or after.'}
  </p>
{/if}

<h3 class="mt-5 text-[17px]">On a chair</h3>
{#if move.onAChair?.move === move.summary.id}
  <p class="mt-1 text-muted">As it is.</p>
{:else if move.onAChair}
  <p class="mt-1">
    <a
      class="underline decoration-line underline-offset-4 hover:decoration-current"
      href="#/moves/{move.onAChair.move}">{move.onAChair.name}</a
    > <span class="text-muted">in its place</span>
  </p>
{:else}
  <p class="mt-1 text-muted">It has no sense there.</p>
{/if}
