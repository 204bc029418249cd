<script lang="ts">
  import type { Score } from '../lib/api/client';
  import { clock } from '../lib/time';

  const { score }: { score: Score } = $props();

  const parts = $derived(
    [
      { name: 'breath', ms: score.time.breath, fill: 'var(--water-top)' },
      { name: 'talk', ms: score.time.talk, fill: 'var(--fig-right)' },
      { name: 'ways', ms: score.time.ways, fill: 'var(--fig-prop-edge)' },
      { name: 'pauses', ms: score.time.pauses, fill: 'var(--fig-left)' },
    ].filter((p) => p.ms > 0),
  );
</script>

<section aria-labelledby="spent" class="mt-6">
  <h2 id="spent" class="mb-2 text-[17px]">Where the time goes</h2>
  <div class="flex h-3 gap-0.5 overflow-hidden rounded-full" aria-hidden="true">
    {#each parts as part (part.name)}<span style="flex: {part.ms}; background: {part.fill}"></span>{/each}
  </div>
  <dl class="mt-2 grid grid-cols-2 gap-x-6 text-[14px]">
    {#each parts as part (part.name)}
      <div class="flex items-center gap-2">
        <span class="size-2.5 rounded-full" style="background: {part.fill}" aria-hidden="true"></span>
        <dt class="text-muted">{part.name}</dt>
        <dd class="ml-auto">{clock(part.ms)}</dd>
      </div>
    {/each}
  </dl>
</section>
