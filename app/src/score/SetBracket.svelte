<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { SetRow } from './rows';

  const { row, children }: { row: SetRow; children: Snippet } = $props();

  const rounds = $derived(Array.isArray(row.rounds) ? row.rounds : null);
  const said = $derived(rounds ? rounds.join(', then ') : `${String(row.rounds)} times`);
</script>

<div class="set" role="group" aria-label="{row.name || 'Set'}, {said}">
  <div class="bracket">
    {#if rounds}
      {#each rounds as round, i (i)}<span class={round} title={round}>{round === 'right' ? '◑' : '◐'}</span
        >{/each}
    {:else}<span>×{row.rounds}</span>{/if}
  </div>
  <div class="min-w-0">
    <p class="px-2 pt-1 text-[13px] text-muted">{row.name || 'Set'}: {said}</p>
    {@render children()}
  </div>
</div>

<style>
  .set {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr);
    margin: 4px 0 4px -20px;
  }
  .bracket {
    display: flex;
    flex-direction: column;
    justify-content: space-evenly;
    align-items: center;
    border: 2.5px solid var(--deep);
    border-right: 0;
    border-radius: 14px 0 0 14px;
    font-size: 14px;
  }
  .right {
    color: var(--right);
  }
  .left {
    color: var(--left);
  }
</style>
