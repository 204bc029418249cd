<script lang="ts">
  import type { MoveDetail } from '../../lib/api/client';

  const { conditions }: { conditions: MoveDetail['conditions'] } = $props();

  const advice: Record<string, string> = { smaller: 'smaller', swap: 'swap', 'leave-out': 'leave out' };
</script>

{#if conditions.length}
  <h2 class="mt-7 text-[20px]">Who needs something else</h2>
  <p class="mt-1 text-[13.5px] text-muted">Common practice. What a clinician says to somebody comes first.</p>
  <ul class="mt-2 space-y-2">
    {#each conditions as c (c.id)}
      <li>
        <details>
          <summary class="cursor-pointer"><b>{c.name}</b>: {advice[c.advice]}, {c.because}</summary>
          <p class="mt-1 pl-4 text-muted">Offer: {c.offer}</p>
        </details>
      </li>
    {/each}
  </ul>
{/if}
