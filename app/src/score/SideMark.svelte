<script lang="ts">
  const { text, side }: { text: string; side: 'right' | 'left' | 'none' } = $props();
</script>

<span
  class="inline-flex items-baseline gap-1 whitespace-nowrap {side === 'right'
    ? 'text-right-side'
    : 'text-left-side'}"
>
  <span aria-hidden="true">{side === 'right' ? '◑' : '◐'}</span>{text}
</span>

<style>
  .text-right-side {
    color: var(--right);
  }
  .text-left-side {
    color: var(--left);
  }
</style>
