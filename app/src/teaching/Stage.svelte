<script lang="ts">
  import { facing } from '../lib/sides';
  import { theme, type Theme } from '../lib/theme.svelte';
  import Ahead from './Ahead.svelte';
  import { keyWords, pressed } from './keys';
  import SideAndCount from './SideAndCount.svelte';
  import StageFigure from './StageFigure.svelte';
  import Taps from './Taps.svelte';
  import type { Teaching } from './teaching.svelte';
  import TopBar from './TopBar.svelte';
  import Water from './Water.svelte';

  const { teaching }: { teaching: Teaching } = $props();

  const moment = $derived(teaching.moment);
  const plan = $derived(teaching.plan);
  // svelte-ignore state_referenced_locally
  const cuesMirrored = teaching.document?.conventions?.cues === 'mirror';
  // svelte-ignore state_referenced_locally
  let mirrored = $state(cuesMirrored);
  // The cues of the lesson name the sides the class has chosen; who turns round while teaching hears the others.
  const turned = (text: string) => (mirrored === cuesMirrored ? text : facing(text));
  let shown = $state<Theme>('night');
  let keysShown = $state(false);
  $effect(() => theme.lend(shown));

  function onkeydown(event: KeyboardEvent) {
    if (event.key === '?') keysShown = !keysShown;
    else if (!pressed(teaching, event)) return;
    event.preventDefault();
  }

  const breathWords: Record<string, string> = { in: 'In', out: 'Out' };
  // Counted breaths say it themselves: "In, two, three, four".
  const breathWord = $derived.by(() => {
    const word = moment?.event.kind === 'breath' && breathWords[moment.event.breath];
    return word && !moment!.headline.startsWith(word) ? word : '';
  });

  function end() {
    if (confirm('End the class here? What was taught so far goes into the log.')) teaching.end();
  }
</script>

<svelte:window {onkeydown} />

{#if moment && plan}
  <main class="stage" class:paused={teaching.paused}>
    <Water level={moment.water} />
    <TopBar {moment} targetMs={plan.targetMs} />
    <div class="middle">
      <div class="figure"><StageFigure {moment} {mirrored} /></div>
      <div class="told">
        <h1>{moment.line?.name ?? ''}</h1>
        <p class="cue" data-cue>
          {#if breathWord}<span>{breathWord}:</span>{/if}
          {turned(moment.headline)}
        </p>
        <SideAndCount {moment} {mirrored} />
        {#if moment.words}<p class="words">{turned(moment.words)}</p>{/if}
      </div>
    </div>
    <div class="foot">
      {#if teaching.notice}<p class="notice" role="status">{teaching.notice}</p>
      {:else if teaching.paused}<p class="notice" role="status">Paused</p>
      {:else}<Ahead {moment} {plan} {mirrored} />{/if}
      {#if teaching.unkept}<p role="alert">This browser keeps nothing: do not close this tab.</p>{/if}
      <Taps
        {teaching}
        {mirrored}
        onmirror={() => (mirrored = !mirrored)}
        ontheme={() => (shown = shown === 'night' ? 'paper' : 'night')}
        onend={end}
      />
    </div>
    {#if keysShown}
      <dl class="keys">
        {#each keyWords as [keys, does] (keys)}<dt>{keys}</dt>
          <dd>{does}</dd>{/each}
      </dl>
    {/if}
  </main>
{/if}

<style>
  .stage {
    position: fixed;
    inset: 0;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 1vh;
    padding: 2.4vh 2.6vw 2vh;
    overflow: hidden;
    background: var(--ground);
  }
  .stage > :global(:not(svg)) {
    position: relative;
  }
  .middle {
    display: grid;
    grid-template-columns: 36% minmax(0, 1fr);
    gap: 2vw;
    min-height: 0;
  }
  .figure {
    align-self: end;
    min-height: 0;
    display: grid;
    justify-items: center;
  }
  .told {
    min-height: 0;
    overflow: hidden;
    display: flex;
    flex-direction: column;
    gap: 2.4vh;
  }
  h1 {
    font-size: clamp(18px, 4.4vh, 36px);
    color: var(--muted);
  }
  .cue {
    font-family: var(--font-head);
    font-weight: 650;
    font-size: min(10.2vh, 12.5vw);
    line-height: 1.02;
    text-wrap: balance;
  }
  .cue span {
    color: var(--deep);
  }
  .words {
    font-size: clamp(15px, 3vh, 25px);
    line-height: 1.28;
    overflow: hidden;
  }
  .foot {
    display: grid;
    gap: 1.4vh;
  }
  .notice {
    min-height: calc(3.75 * clamp(16px, 3.3vh, 28px));
    align-content: end;
    font-size: clamp(16px, 3.6vh, 30px);
    font-weight: 650;
  }
  .keys {
    position: absolute !important;
    right: 2.6vw;
    top: 9vh;
    display: grid;
    grid-template-columns: auto auto;
    gap: 4px 20px;
    padding: 18px 22px;
    border-radius: 16px;
    background: var(--raised);
  }
  dt {
    font-weight: 650;
  }
  @media (max-width: 700px) {
    .middle {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: 22vh minmax(0, 1fr);
      gap: 1vh;
    }
    .figure :global(svg) {
      height: 22vh;
    }
    .told {
      gap: 1vh;
    }
    .cue {
      font-size: min(5.4vh, 11vw);
    }
    .words {
      font-size: 15px;
    }
    .stage {
      padding: 8px 12px;
    }
  }
</style>
