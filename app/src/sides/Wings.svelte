<script lang="ts">
  import { clock } from '../lib/time';
  import { isUneven, type Wing } from './wings';

  interface Props {
    title: string;
    note: string;
    wings: (Wing & { onTheme?: boolean })[];
    onchoose?: (name: string) => void;
  }

  const { title, note, wings, onchoose }: Props = $props();

  const most = $derived(Math.max(1, ...wings.flatMap((w) => [w.rightMs, w.leftMs])));
  const share = (ms: number) => `${(ms / most) * 100}%`;
</script>

<section class="mb-9" aria-label={title}>
  <h2 class="text-[19px]">{title}</h2>
  <p class="mb-3 text-[14px] text-muted">{note}</p>
  <div class="row head" aria-hidden="true">
    <span class="text-right text-(--left)">◐ Left</span><span></span><span class="text-(--right)"
      >Right ◑</span
    >
  </div>
  <ul>
    {#each wings as wing (wing.name)}
      {@const uneven = isUneven(wing)}
      {@const even = Math.min(wing.rightMs, wing.leftMs)}
      <li class="row" class:uneven>
        <span class="bar left">
          <span class="time">{clock(wing.leftMs)}</span>
          <span class="wing" style="width: {share(wing.leftMs)}"
            ><i style="width: {wing.leftMs ? ((wing.leftMs - even) / wing.leftMs) * 100 : 0}%"></i></span
          >
        </span>
        <button class="name" onclick={() => onchoose?.(wing.name)} disabled={!onchoose}>
          {wing.name}{#if wing.onTheme}<span class="ml-1.5 text-[12.5px] text-muted">theme</span>{/if}
          <span class="sr-only"
            >: right {clock(wing.rightMs)}, left {clock(wing.leftMs)}{uneven ? ', uneven' : ''}</span
          >
          {#if uneven}<b class="block text-[12.5px] text-serious" aria-hidden="true"
              >{clock(Math.abs(wing.rightMs - wing.leftMs))} more {wing.rightMs > wing.leftMs
                ? 'right'
                : 'left'}</b
            >{/if}
        </button>
        <span class="bar right">
          <span class="wing" style="width: {share(wing.rightMs)}"
            ><i style="width: {wing.rightMs ? ((wing.rightMs - even) / wing.rightMs) * 100 : 0}%"></i></span
          >
          <span class="time">{clock(wing.rightMs)}</span>
        </span>
      </li>
    {/each}
  </ul>
  {#if wings.length === 0}<p class="text-muted">Nothing with sides yet.</p>{/if}
</section>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 220px minmax(0, 1fr);
    gap: 12px;
    align-items: center;
    min-height: 38px;
  }
  .head {
    font-weight: 700;
    min-height: 24px;
  }
  .bar {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  .left {
    justify-content: flex-end;
  }
  .wing {
    position: relative;
    display: block;
    height: 20px;
    max-width: calc(100% - 52px);
    background: var(--right);
    border-radius: 0 10px 10px 0;
    overflow: hidden;
  }
  .left .wing {
    background: var(--left);
    border-radius: 10px 0 0 10px;
  }
  /* What one side has more than the other: hatched, so that it shows without its colour. */
  .wing i {
    position: absolute;
    inset: 0 0 0 auto;
    background: repeating-linear-gradient(45deg, var(--serious) 0 5px, var(--ground) 5px 9px);
  }
  .left .wing i {
    inset: 0 auto 0 0;
  }
  .time {
    font-size: 13.5px;
    color: var(--muted);
    min-width: 40px;
  }
  .left .time {
    text-align: right;
  }
  .name {
    min-height: 38px;
    text-align: center;
    font-size: 15px;
    line-height: 1.2;
    color: var(--ink);
  }
  .name:not(:disabled):hover {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .name:disabled {
    cursor: default;
  }
  @media (max-width: 640px) {
    .row {
      grid-template-columns: minmax(0, 1fr) 112px minmax(0, 1fr);
      gap: 6px;
    }
    .time {
      display: none;
    }
  }
</style>
