<script lang="ts">
  import { tick } from 'svelte';
  import type { Finding } from '../lib/api/client';
  import { clock } from '../lib/time';
  import type { PlanState } from '../plan/plan.svelte';

  const { plan, finding, ongo }: { plan: PlanState; finding: Finding; ongo: (id: string) => void } = $props();

  const looked = $derived(plan.preview?.finding === finding.id ? plan.preview : null);
  let reason = $state(false);
  let leaving = $state(false);
  let because = $state('');
  const words = { serious: 'Serious', notable: 'Notable', hint: 'Hint' };

  function leave(event: SubmitEvent) {
    event.preventDefault();
    plan.concerned = [];
    plan.leave(finding.rule, finding.lines, because.trim());
  }

  const refused = $derived(plan.refused?.finding === finding.id ? plan.refused : null);

  /** The card goes with its finding; the focus goes to what is found now. */
  async function apply() {
    plan.apply();
    await tick();
    document.getElementById('soundings')?.focus();
  }

  const intoView = (node: HTMLElement) => node.scrollIntoView({ block: 'nearest' });

  const change = $derived.by(() => {
    if (!looked) return '';
    const { before, after } = looked.answer;
    const fewer = before.findings.length - after.findings.length;
    const time =
      before.totalMs === after.totalMs
        ? 'same length'
        : `${clock(before.totalMs)} becomes ${clock(after.totalMs)}`;
    const findings =
      fewer > 0
        ? `${fewer} finding${fewer > 1 ? 's' : ''} fewer`
        : fewer < 0
          ? `${-fewer} more`
          : 'as many findings';
    return `${time}, ${findings}`;
  });
</script>

<article
  class="finding {finding.level}"
  onmouseenter={() => (plan.concerned = finding.lines)}
  onmouseleave={() => (plan.concerned = [])}
  onfocusin={() => (plan.concerned = finding.lines)}
  onfocusout={() => (plan.concerned = [])}
>
  <p class="text-[12.5px] font-semibold text-muted">{words[finding.level]}</p>
  {#if finding.lines.length > 0}
    <button class="text-left leading-snug font-bold" onclick={() => ongo(finding.lines[0]!)}
      >{finding.text}</button
    >
  {:else}
    <p class="leading-snug font-bold">{finding.text}</p>
  {/if}
  {#if reason}<p id="why-{finding.id}" class="mt-1 text-[14px] text-muted">{finding.why}</p>{/if}
  <div class="mt-1.5 flex flex-wrap gap-2">
    {#each finding.fixes as fix (fix.id)}
      <button
        class="press text-[14px]"
        aria-pressed={looked?.fix === fix.id}
        disabled={plan.offline}
        title={plan.offline ? 'Waits until the server can be reached' : undefined}
        onclick={() => plan.look(finding.id, fix.id, fix.label)}
      >
        {fix.label}
      </button>
    {/each}
    <span class="flex w-full gap-2 empty:hidden">
      <button
        class="min-h-10 px-2 text-[14px] text-muted underline decoration-dotted underline-offset-4"
        aria-expanded={reason}
        onclick={() => (reason = !reason)}>Why</button
      >
      <button
        class="min-h-10 px-2 text-[14px] text-muted underline decoration-dotted underline-offset-4"
        aria-expanded={leaving}
        onclick={() => (leaving = !leaving)}>On purpose</button
      >
    </span>
  </div>
  {#if leaving}
    <form class="mt-2 flex flex-wrap gap-2" onsubmit={leave}>
      <label class="w-full text-[13.5px] text-muted"
        >Why it stays; it is kept with the class
        <input class="field" bind:value={because} required maxlength="300" /></label
      >
      <button class="press-deep text-[14px]" disabled={!because.trim()}>Leave it as it is</button>
    </form>
  {/if}
  {#if refused}<p class="mt-1 text-[14px]" role="status">{refused.why}</p>{/if}
  {#if looked}
    <div class="mt-2 flex flex-wrap items-center gap-2" role="status" {@attach intoView}>
      <span class="w-full text-[13.5px]">{change}</span>
      <button class="press-deep text-[14px]" onclick={() => void apply()}>Apply</button>
      <button class="press text-[14px]" onclick={() => (plan.preview = null)}>Leave it</button>
    </div>
  {/if}
</article>

<style>
  .finding {
    border-left: 5px solid var(--hint);
    padding: 2px 0 6px 14px;
    margin-bottom: 16px;
  }
  .serious {
    border-color: var(--serious);
  }
  .serious > p:first-child {
    color: var(--serious);
  }
  .notable {
    border-color: var(--notable);
  }
  .notable > p:first-child {
    color: var(--notable);
  }
  button[aria-pressed='true'] {
    box-shadow: inset 0 0 0 2px var(--deep);
  }
</style>
