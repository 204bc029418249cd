<script lang="ts">
  import Figure from '../figures/Figure.svelte';
  import { api, type SignKey } from '../lib/api/client';
  import { meanings } from './signs';

  /** What the pictures show beside the body, to be opened by whoever wonders. */
  let key = $state.raw<SignKey | null>(null);
  let lost = $state(false);

  async function ask() {
    if (key) return;
    lost = false;
    try {
      key = (await api.GET('/api/signs')).data ?? null;
    } catch {
      lost = true;
    }
  }
</script>

<details class="print:hidden" ontoggle={ask}>
  <summary class="min-h-10 cursor-pointer py-2">What the signs mean</summary>
  {#if key}
    <p>
      <b class="right">Warm limbs are the right ones</b>,
      <b class="left">cool limbs the left ones</b>. Moments beside each other follow the arrow between them.
    </p>
    <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(210px,1fr))] gap-x-5 gap-y-1">
      {#each [{ sign: 'arrow', figure: key.arrow } as const, ...key.signs] as { sign, figure } (sign)}
        <li class="flex items-center gap-3">
          <span class="shrink-0"><Figure {figure} label="" width={56} height={42} /></span>
          {meanings[sign]}
        </li>
      {/each}
    </ul>
  {:else if lost}
    <p role="alert">The signs cannot be fetched just now.</p>
  {/if}
</details>

<style>
  .right {
    color: var(--right);
  }
  .left {
    color: var(--left);
  }
</style>
