<script lang="ts">
  import { sideNames } from '../lib/sides';
  import { clock } from '../lib/time';
  import { unitFor } from '../lib/words';
  import type { Moment } from './moment';

  const { moment, mirrored }: { moment: Moment; mirrored: boolean } = $props();

  const shownSide = $derived(
    moment.side === 'none' || !mirrored ? moment.side : moment.side === 'right' ? 'left' : 'right',
  );
  const sideWord = $derived(
    moment.line && moment.side !== 'none' ? sideNames(moment.line)[moment.side === 'right' ? 0 : 1] : '',
  );
  const ways: Record<string, string> = {
    clockwise: '↻',
    'the other way': '↺',
    backwards: '←',
    forwards: '→',
    inwards: '→←',
    outwards: '←→',
  };
  const mark = $derived(ways[sideWord] ?? (shownSide === 'right' ? '◑' : '◐'));
  const long = $derived(moment.unit === 'seconds' && (moment.left ?? 0) >= 60);
  const count = $derived(moment.left === null ? '' : long ? clock(moment.left * 1000) : String(moment.left));
</script>

<div class="row">
  {#if moment.side !== 'none'}
    <div class="block {shownSide}">
      <span class="big" aria-hidden="true">{mark}</span>
      <span class="words"
        ><b>{mirrored && !ways[sideWord] ? `your ${shownSide}` : sideWord}</b>
        {#if moment.line?.rightNames}<small>{moment.line.rightNames}</small>{/if}</span
      >
    </div>
  {/if}
  {#if moment.left}
    <div class="block">
      <span class="big" data-count>{count}</span>
      <span class="words">
        <b>{moment.isLast ? 'last one' : long ? 'left' : `${unitFor(moment.left, moment.unit)} left`}</b>
        {#if moment.then}<small>{moment.then}</small>{/if}
      </span>
    </div>
  {/if}
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0 3vw;
    min-height: 16.8vh;
  }
  .block {
    display: flex;
    align-items: center;
    gap: 14px;
  }
  .right .big,
  .right b {
    color: var(--right);
  }
  .left .big,
  .left b {
    color: var(--left);
  }
  /* A sixth of the height, whatever the screen. */
  .big {
    font-family: var(--font-head);
    font-size: min(23.5vh, 34vw);
    line-height: 0.715;
    height: 16.8vh;
    font-weight: 650;
    display: inline-flex;
    align-items: center;
  }
  .words {
    display: grid;
    font-size: clamp(15px, 3.2vh, 28px);
    line-height: 1.15;
    max-width: 12em;
  }
  @media (max-width: 700px) {
    .row {
      gap: 8px 3vw;
      min-height: 8.4vh;
    }
    .big {
      font-size: 11.7vh;
      height: 8.4vh;
    }
    .words {
      font-size: 15px;
      max-width: 7em;
    }
    .block {
      gap: 8px;
    }
  }
  small {
    font-size: 0.8em;
    color: var(--muted);
  }
</style>
