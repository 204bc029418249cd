<script lang="ts">
  import { clock } from '../lib/time';
  import { plain } from '../lib/words';
  import type { Moment } from './moment';

  const { moment, targetMs }: { moment: Moment; targetMs: number } = $props();

  const words: Record<string, string> = {
    eyes: 'eyes are shut',
    'legs-crossed': 'legs are crossed',
    clasp: 'hands are clasped',
    lying: 'lying down',
    'paced-breath': 'the breath is paced',
  };
  // Under ten seconds nobody is late.
  const off = $derived(Math.abs(moment.behindMs) < 10_000 ? 0 : moment.behindMs);
</script>

<header>
  <b>{clock(moment.elapsedMs)}</b>
  <span>of {clock(targetMs)}</span>
  <span class={off > 0 ? 'late' : ''} data-behind
    >{off === 0 ? 'on time' : `${clock(off)} ${off > 0 ? 'behind' : 'ahead'}`}</span
  >
  <span class="ml-auto">{moment.open.map((what) => words[what] ?? plain(what)).join(' · ')}</span>
  {#if moment.restMs > 0}<span>rest kept: {clock(moment.restMs)}</span>{/if}
</header>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 28px;
    align-items: baseline;
    font-size: clamp(15px, 2.9vh, 26px);
    color: var(--muted);
  }
  b {
    font-family: var(--font-head);
    font-size: 1.3em;
    color: var(--ink);
  }
  @media (max-width: 700px) {
    header {
      font-size: 14px;
      gap: 0 14px;
    }
  }
  .late {
    color: var(--right);
  }
</style>
