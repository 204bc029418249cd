<script lang="ts">
  import { spoken, type Side } from '../lib/sides';

  const { label, cue, side }: { label: string; cue: string; side: Side } = $props();
</script>

<div class="min-w-0 text-[14px] leading-snug">
  <span class="block text-[12px] font-semibold text-muted">{label}</span>
  {#each spoken(cue, side) as piece, i (i)}<span
      class:text-right-side={piece.side === 'right'}
      class:text-left-side={piece.side === 'left'}>{piece.text}</span
    >{/each}
</div>

<style>
  .text-right-side {
    color: var(--right);
    font-weight: 650;
  }
  .text-left-side {
    color: var(--left);
    font-weight: 650;
  }
</style>
