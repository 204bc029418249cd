<script lang="ts">
  import Bell from '@lucide/svelte/icons/bell';
  import BellOff from '@lucide/svelte/icons/bell-off';
  import ChevronLeft from '@lucide/svelte/icons/chevron-left';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import ArrowLeftRight from '@lucide/svelte/icons/arrow-left-right';
  import Minus from '@lucide/svelte/icons/minus';
  import Moon from '@lucide/svelte/icons/moon';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import Plus from '@lucide/svelte/icons/plus';
  import SkipForward from '@lucide/svelte/icons/skip-forward';
  import Square from '@lucide/svelte/icons/square';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import type { Teaching } from './teaching.svelte';

  interface Props {
    teaching: Teaching;
    mirrored: boolean;
    onmirror: () => void;
    ontheme: () => void;
    onend: () => void;
  }
  const { teaching, mirrored, onmirror, ontheme, onend }: Props = $props();
</script>

<div class="taps" role="toolbar" aria-label="Teaching">
  <button class="wide" onclick={() => teaching.tap(teaching.paused ? 'go-on' : 'pause')}>
    {#if teaching.paused}<Play aria-hidden="true" />Go on{:else}<Pause aria-hidden="true" />Pause{/if}
  </button>
  <button aria-label="One step back" onclick={() => teaching.tap('back')}
    ><ChevronLeft aria-hidden="true" /></button
  >
  <button class="wide" onclick={() => teaching.tap('next')}>Next<ChevronRight aria-hidden="true" /></button>
  <button aria-label="One fewer" onclick={() => teaching.tap('fewer')}><Minus aria-hidden="true" /></button>
  <button aria-label="One more" onclick={() => teaching.tap('more')}><Plus aria-hidden="true" /></button>
  <button class="wide" onclick={() => teaching.tap('skip')}><SkipForward aria-hidden="true" />Skip</button>
  <button class="wide" aria-disabled={!teaching.canTakeBack} onclick={() => teaching.takeBack()}
    ><Undo2 aria-hidden="true" />Take back</button
  >
  <button class="wide finish" onclick={() => teaching.tap('finish')}>Finish on time</button>
  <span class="quiet">
    <button
      aria-label="Chimes"
      aria-pressed={teaching.chimesOn}
      title="Chimes"
      onclick={() => teaching.toggleChimes()}
      >{#if teaching.chimesOn}<Bell aria-hidden="true" />{:else}<BellOff aria-hidden="true" />{/if}</button
    >
    <button
      aria-label="My own side"
      title="My own side, facing the group"
      aria-pressed={mirrored}
      onclick={onmirror}><ArrowLeftRight aria-hidden="true" /></button
    >
    <button aria-label="Change the theme" title="Paper or night" onclick={ontheme}
      ><Moon aria-hidden="true" /></button
    >
    <button aria-label="End the class here" title="End the class here" onclick={onend}
      ><Square aria-hidden="true" /></button
    >
  </span>
</div>

<style>
  .taps {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
  button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 8px;
    min-width: 56px;
    min-height: 56px;
    padding: 0 14px;
    border-radius: 14px;
    font-weight: 650;
    font-size: 17px;
    background: var(--raised);
    color: var(--ink);
  }
  button:hover {
    background: var(--sand);
  }
  button[aria-disabled='true'] {
    color: var(--muted);
  }
  button[aria-pressed='true'] {
    background: var(--deep);
    color: var(--on-deep);
  }
  .finish {
    background: var(--right);
    color: var(--on-right, var(--ground));
  }
  .finish:hover {
    background: var(--right);
    filter: brightness(1.08);
  }
  .quiet {
    display: inline-flex;
    gap: 8px;
    margin-left: auto;
  }
  @media (max-width: 700px) {
    button {
      min-width: 48px;
      min-height: 44px;
      padding: 0 9px;
      font-size: 15px;
    }
  }
</style>
