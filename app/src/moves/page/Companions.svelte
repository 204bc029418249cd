<script lang="ts">
  import type { Companion, MoveDetail } from '../../lib/api/client';

  const { move }: { move: MoveDetail } = $props();
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
  <p class="mt-2 text-muted">Nothing in it is strong enough to ask for more than the second side.</p>
{/if}
