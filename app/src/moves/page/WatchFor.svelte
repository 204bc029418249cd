<script lang="ts">
  import type { MoveDetail } from '../../lib/api/client';

  /** What goes wrong easily, and what helps to say then. */
  const { watch, say }: { watch: MoveDetail['watch']; say: (text: string) => string } = $props();
</script>

{#if watch.length > 0}
  <h2 class="mt-7 text-[20px]">Watch for</h2>
  <dl class="mt-2 space-y-2">
    {#each watch as one (one.see)}
      <div>
        <dt class="font-bold">{say(one.see)}</dt>
        <dd class="text-muted">Say: {say(one.say)}</dd>
      </div>
    {/each}
  </dl>
{/if}
