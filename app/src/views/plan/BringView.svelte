<script lang="ts">
  import Printer from '@lucide/svelte/icons/printer';
  import { needsOf, shortBy } from '../../bring/needs';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { clock } from '../../lib/time';
  import type { PlanState } from '../../plan/plan.svelte';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const people = $derived(plan.document?.group?.size ?? 0);
  const stock = $derived(plan.document?.place?.props ?? {});
  const totalMs = $derived(Math.max(1, plan.score?.totalMs ?? 1));
  const needs = $derived(plan.score ? needsOf(plan.score, catalogue.props, stock, people) : []);
  const nameOf = (line: string) => catalogue.moves.get(plan.line(line)?.move ?? '')?.name ?? line;
  // Ticks belong to this evening, not to the class; they are gone with the tab.
  let ticked = $state<Record<string, boolean>>({});

  function setStock(id: string, count: number) {
    if (!Number.isInteger(count) || count < 0 || count > 999) return;
    plan.change('stock', (document) => {
      document.place ??= {};
      document.place.props = { ...document.place.props, [id]: count };
    });
  }
</script>

<div class="mx-auto max-w-5xl px-6 pb-16 max-md:px-3">
  <div class="mb-4 flex flex-wrap items-baseline gap-4">
    <h2 class="text-[21px]">Bring for {people > 0 ? `${people} people` : 'each person'}</h2>
    <p class="text-muted">Mats and walls are taken to be there.</p>
    <button class="press ml-auto inline-flex items-center gap-2 print:hidden" onclick={() => print()}
      ><Printer size={18} aria-hidden="true" />Print</button
    >
  </div>
  {#if needs.length === 0}
    <p class="text-muted">This class needs nothing but the floor{people ? '' : ' and somebody on it'}.</p>
  {/if}
  <ul class="divide-y divide-line">
    {#each needs as need (need.prop.id)}
      {@const short = shortBy(need)}
      <li class="grid grid-cols-[auto_minmax(0,1fr)_auto] items-start gap-x-4 gap-y-2 py-4">
        <input
          type="checkbox"
          class="mt-1 size-6 accent-(--deep)"
          aria-label="{need.prop.plural} are ready"
          bind:checked={ticked[need.prop.id]}
        />
        <div class="min-w-0">
          <h3 class="font-sans text-[17px] font-bold" class:line-through={ticked[need.prop.id]}>
            {need.needed}
            {need.needed === 1 ? need.prop.name.toLowerCase() : need.prop.plural.toLowerCase()}
          </h3>
          <p class="text-[14px] text-muted">{need.prop.note}</p>
          {#if need.stock === null}
            <p class="mt-1 text-[14px] text-muted">Nobody has said how many are there.</p>
          {:else if short > 0}
            <p class="mt-1 font-bold text-serious">
              {short} short{need.standIns.length ? '; what does the same:' : ''}
              <span class="font-normal text-ink"
                >{need.standIns.map((s) => `${s.name.toLowerCase()} (${s.stock})`).join(', ')}</span
              >
            </p>
          {/if}
          <div class="relative mt-2 h-4 rounded-full bg-band" aria-hidden="true">
            {#each need.spans as span (span.fromMs)}
              <span
                class="absolute inset-y-0 rounded-full bg-(--fig-prop-side)"
                style="left: {(span.fromMs / totalMs) * 100}%; width: {Math.max(
                  0.8,
                  ((span.toMs - span.fromMs) / totalMs) * 100,
                )}%"
              ></span>
            {/each}
          </div>
          <ol class="mt-1 text-[14px]">
            {#each need.spans as span (span.fromMs)}
              <li>
                Fetch at <b>{clock(span.fromMs)}</b> for
                <button class="underline underline-offset-4" onclick={() => ongo(span.line)}
                  >{nameOf(span.line)}</button
                >, put aside at <b>{clock(span.toMs)}</b>
              </li>
            {/each}
          </ol>
        </div>
        <label class="flex items-center gap-2 text-[14px] text-muted">
          there are
          <input
            class="field w-20"
            type="number"
            min="0"
            max="999"
            value={need.stock ?? ''}
            placeholder="?"
            aria-label="How many {need.prop.plural.toLowerCase()} are there"
            onchange={(e) => setStock(need.prop.id, e.currentTarget.valueAsNumber)}
          />
        </label>
      </li>
    {/each}
  </ul>
</div>
