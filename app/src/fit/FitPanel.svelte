<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { tick } from 'svelte';
  import { catalogue } from '../lib/catalogue.svelte';
  import { clock } from '../lib/time';
  import { unitFor } from '../lib/words';
  import type { PlanState } from '../plan/plan.svelte';
  import type { SectionRows } from '../score/rows';
  import type { Fitting } from './fitting.svelte';

  interface Props {
    plan: PlanState;
    fitting: Fitting;
    sections: SectionRows[];
    ongo: (id: string) => void;
  }

  const { plan, fitting, sections, ongo }: Props = $props();

  const perMinute = 60_000;
  const answer = $derived(fitting.answer);
  const minutes = $derived(
    Math.round(((fitting.wish.targetMs ?? (plan.document?.minutes ?? 0) * perMinute) / perMinute) * 100) /
      100,
  );
  const given = $derived(Object.keys(fitting.wish.sections ?? {}).length > 0);

  const nameOf = (line: string) => catalogue.moves.get(plan.line(line)?.move ?? '')?.name ?? line;
  const inMinutes = (ms: number) => Math.round((ms / perMinute) * 10) / 10;

  /** The whole class to so many minutes; sections that were given time keep it. */
  function target(value: number) {
    if (value > 0)
      void fitting.ask({ ...fitting.wish, scale: undefined, targetMs: Math.round(value * perMinute) });
  }

  /** Time for a section; the others give it, so that the class keeps its length. */
  function give(id: string, value: number) {
    const wanted = { ...fitting.wish.sections };
    if (value > 0) wanted[id] = Math.round(value * perMinute);
    else delete wanted[id];
    void fitting.ask({ targetMs: Math.round(minutes * perMinute), sections: wanted });
  }

  /** What is looked at goes with its button; the focus goes to the clock. */
  async function apply() {
    plan.apply();
    fitting.close();
    await tick();
    document.querySelector<HTMLElement>(`[data-select="${CSS.escape(plan.selected ?? '')}"]`)?.focus();
  }

  function key(event: KeyboardEvent) {
    if (event.key !== 'Escape') return;
    fitting.close();
    event.stopPropagation();
  }

  const focus = (node: HTMLInputElement) => node.select();
</script>

<!-- Escape closes it, wherever in it the focus is. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section aria-labelledby="fit" class="pb-6" onkeydown={key}>
  <div class="flex items-center gap-2">
    <h2 id="fit" class="mr-auto text-[19px]">Fit to the minute</h2>
    <button class="press" aria-label="Close the fit" onclick={() => fitting.close()}
      ><X size={18} aria-hidden="true" /></button
    >
  </div>
  <label class="mt-2 block text-[13.5px] text-muted"
    >Minutes of the class
    <input
      {@attach focus}
      class="field"
      type="number"
      min="1"
      max="360"
      step="any"
      value={minutes}
      onchange={(e) => target(e.currentTarget.valueAsNumber)}
    /></label
  >
  <details class="mt-3 text-[14px]" open={given}>
    <summary class="min-h-9 cursor-pointer py-1.5">Give time to a section</summary>
    <ul>
      {#each sections as s (s.section.id)}
        {@const id = s.section.id ?? ''}
        <li class="grid grid-cols-[minmax(0,1fr)_44px_76px] items-center gap-2 py-1">
          <label for="give-{id}" class="truncate">{s.section.name || 'Section'}</label>
          <span class="text-right text-muted">{clock(s.toMs - s.fromMs)}</span>
          <input
            id="give-{id}"
            class="field"
            type="number"
            min="0"
            step="any"
            placeholder={String(inMinutes(s.toMs - s.fromMs))}
            value={fitting.wish.sections?.[id] ? inMinutes(fitting.wish.sections[id]) : ''}
            aria-label="Minutes of {s.section.name || 'the section'}"
            onchange={(e) => give(id, e.currentTarget.valueAsNumber)}
          />
        </li>
      {/each}
    </ul>
    <p class="text-muted">The other sections give it, so that the class keeps its minutes.</p>
  </details>
  <div class="mt-3 flex flex-wrap gap-2 text-[14px]">
    <button class="press" onclick={() => target(minutes)}>Change few lines</button>
    {#each [['all', 'Scale all alike'], ['unset', 'Scale what I have not set']] as const as [scale, name] (scale)}
      <button
        class="press"
        onclick={() => void fitting.ask({ targetMs: Math.round(minutes * perMinute), scale })}>{name}</button
      >
    {/each}
  </div>

  <div role="status" class="mt-4">
    {#if fitting.asking}
      <p class="text-muted">
        Fitting
        <button class="press ml-2" onclick={() => fitting.leave()}>Stop</button>
      </p>
    {:else if fitting.trouble}
      <p>{fitting.trouble}</p>
    {:else if answer?.fits && answer.changes.length === 0}
      <p>It fits already: {clock(answer.reachedMs)}.</p>
    {:else if answer?.fits && fitting.shown}
      <p class="font-bold">
        {clock(answer.before.totalMs)} becomes {clock(answer.reachedMs)}: {answer.changes.length}
        {answer.changes.length === 1 ? 'dose changes' : 'doses change'}
      </p>
      <ul class="mt-2">
        {#each answer.changes as change (change.line)}
          <li>
            <button
              class="grid min-h-9 w-full grid-cols-[minmax(0,1fr)_auto] gap-3 text-left"
              onclick={() => ongo(change.line)}
            >
              <span class="truncate">{nameOf(change.line)}</span>
              <span
                >{change.from} → <b>{change.to}</b>
                <span class="text-muted">{unitFor(change.to, change.unit)}</span></span
              >
            </button>
          </li>
        {/each}
      </ul>
      <p class="mt-1 text-[13.5px] text-muted">
        {#if fitting.wish.scale}All alike, as far as whole doses go.
        {:else if answer.optimal}No fit changes fewer lines, or these by less.
        {:else}A good fit; that there is none better is not proven.{/if}
      </p>
      <div class="mt-3 flex gap-2">
        <button class="press-deep" onclick={() => void apply()}>Apply</button>
        <button class="press" onclick={() => fitting.leave()}>Leave it</button>
      </div>
    {:else if answer && !answer.fits}
      <p class="font-bold">With these lines it does not fit.</p>
      {#if answer.nearest.below ?? answer.nearest.above}
        <p class="mt-2 flex flex-wrap items-center gap-2">
          The nearest:
          {#each [answer.nearest.below, answer.nearest.above] as ms, i (i)}
            {#if ms}<button class="press" onclick={() => target(ms / perMinute)}>{clock(ms)}</button>{/if}
          {/each}
        </p>
      {/if}
      {#if answer.advice.length > 0}
        <p class="mt-3 text-[14px] text-muted">What would help:</p>
        <ul>
          {#each answer.advice as advice (advice.text)}
            <li>
              <button class="min-h-9 py-1 text-left" onclick={() => ongo(advice.line)}
                >{advice.text}{#if !advice.enough}<span class="text-muted">, not enough by itself</span
                  >{/if}</button
              >
            </li>
          {/each}
        </ul>
      {/if}
    {/if}
  </div>
</section>
