<script lang="ts">
  import { spoken } from '../lib/sides';
  import type { LineScore } from '../lib/api/client';

  const { way, rollTo }: { way: NonNullable<LineScore['ways']>[number]; rollTo: 'right' | 'left' } = $props();

  const text = $derived(
    way.steps
      .map((s) =>
        spoken(s, rollTo)
          .map((p) => p.text)
          .join(''),
      )
      .join('. '),
  );
</script>

<div
  class="grid grid-cols-[52px_1fr_auto] items-baseline gap-3 py-1 pr-5 text-[13.5px] text-muted max-md:grid-cols-[44px_1fr_auto]"
>
  <span></span>
  <p class="way">
    {text}{#each way.cautions as caution (caution)}<span class="italic">. {caution}</span>{/each}
  </p>
  <span class="whitespace-nowrap">{Math.round(way.ms / 1000)} s</span>
</div>

<style>
  .way {
    margin-left: 38px;
    padding-left: 26px;
    border-left: 3px dotted var(--sand-deep);
  }
</style>
