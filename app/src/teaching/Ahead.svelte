<script lang="ts">
  import { catalogue } from '../lib/catalogue.svelte';
  import { facing, said } from '../lib/sides';
  import { shortSwap, type Names } from '../people/swaps';
  import type { Plan } from './course';
  import { isNear, type Moment } from './moment';

  /** What comes next in the last ten seconds; before that, while people go in, the easier option; then what to watch for. */
  const { moment, plan, mirrored }: { moment: Moment; plan: Plan; mirrored: boolean } = $props();

  const names = $derived<Names>(catalogue);
  const scored = $derived(plan.lesson.score.lines.find((l) => l.id === moment.pass.line));
  const swaps = $derived((scored?.conditions ?? []).map((s) => shortSwap(s, names, scored?.position)));
  const practises = $derived(moment.event.round > 0);
  const say = (text: string) => {
    const forSide = said(text, moment.side);
    return mirrored ? facing(forSide) : forSide;
  };
  // One thing at a time: the first on the first side, another on the second.
  const watch = $derived(moment.line?.watch[moment.side === 'left' && moment.line.watch.length > 1 ? 1 : 0]);
  const isOther = $derived(moment.next !== null && moment.next.line !== moment.pass.line);
</script>

<div class="ahead" aria-live="polite">
  {#if isNear(moment.next)}
    <p data-next>
      <span>next</span>
      <b>{isOther ? moment.next.name : `the ${moment.next.side} side`}</b>{#if moment.next.way}, {moment.next
          .way}{/if}
      {#if moment.next.wayMs > 0}<span>{Math.round(moment.next.wayMs / 1000)} s</span>{/if}
    </p>
    {#if moment.next.props.length > 0}
      <p><span>have ready</span> <b>{moment.next.props.map((id) => catalogue.propName(id)).join(', ')}</b></p>
    {/if}
  {:else}
    {#if practises && moment.line?.felt}<p><span>felt in</span> {say(moment.line.felt)}</p>{/if}
    {#if practises && watch}
      <p data-watch><span>{say(watch.see)}?</span> {say(watch.say)}</p>
    {:else if moment.line?.easier}<p><span>easier</span> {say(moment.line.easier)}</p>{/if}
    {#each swaps.slice(0, practises ? 1 : 3) as swap (swap)}<p><span>swap</span> {swap}</p>{/each}
  {/if}
</div>

<style>
  .ahead {
    font-size: clamp(16px, 3.3vh, 28px);
    line-height: 1.25;
    color: var(--ink);
    /* Three lines, so that the figure does not jump when there are fewer. */
    min-height: 3.75em;
    display: flex;
    flex-direction: column;
    justify-content: end;
  }
  @media (max-width: 700px) {
    .ahead {
      font-size: 15px;
    }
  }
  span {
    color: var(--muted);
    font-size: 0.8em;
    margin-right: 0.3em;
  }
</style>
