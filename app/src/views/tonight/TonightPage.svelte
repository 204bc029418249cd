<script lang="ts">
  import { onMount } from 'svelte';
  import { lineOf } from '../../document/edits';
  import { needsOf, shortBy } from '../../bring/needs';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { clock } from '../../lib/time';
  import { unitFor } from '../../lib/words';
  import ConditionCounts from '../../people/ConditionCounts.svelte';
  import { elsewhereOf, linesWithSwaps, shortSwap, type Names } from '../../people/swaps';
  import { Tonight } from '../../tonight/tonight.svelte';

  const { params }: { params: { id: string } } = $props();
  // The router makes a new page for another class.
  // svelte-ignore state_referenced_locally
  const tonight = new Tonight(params.id);
  onMount(() => void Promise.all([catalogue.load(), tonight.load()]));

  const names = $derived<Names>(catalogue);
  const document = $derived(tonight.now);
  const score = $derived(tonight.score);
  const people = $derived(document?.group?.size ?? 0);
  const newcomers = $derived(document?.group?.newcomers ?? 0);
  const asking = $derived(new Map((score?.ask ?? []).map((a) => [a.condition, a.lines.length])));
  const needs = $derived(
    score && document ? needsOf(score, catalogue.props, document.place?.props ?? {}, people) : [],
  );
  const swaps = $derived(linesWithSwaps(score?.lines ?? []));
  const elsewhere = $derived(elsewhereOf(score?.lines ?? []));
  const moveOf = (id: string) => (document && lineOf(document, id)?.move) ?? '';
  const nameOf = (id: string) => catalogue.moves.get(moveOf(id))?.name ?? id;

  const bounded = (n: number, most: number) => Math.max(0, Math.min(most, n));
  const setPeople = (n: number) => tonight.change((d) => ((d.group ??= {}).size = bounded(n, 200)));
  const setNewcomers = (n: number) => tonight.change((d) => ((d.group ??= {}).newcomers = bounded(n, 200)));
  const less = (minutes: number) =>
    tonight.change((d) => (d.minutes = Math.max(5, (tonight.planned?.minutes ?? d.minutes) - minutes)));
  const setStock = (id: string, n: number) =>
    tonight.change((d) => {
      d.place ??= {};
      d.place.props = { ...d.place.props, [id]: bounded(n, 999) };
    });
</script>

<svelte:head><title>Tonight · {document?.title ?? 'Class'} · Ample Tide</title></svelte:head>

<main class="mx-auto max-w-5xl px-6 py-6 max-md:px-3">
  <p><a class="underline underline-offset-4" href="#/plan/{params.id}">Back to the plan</a></p>
  <h1 class="mt-2 text-[30px]">Tonight: {document?.title ?? ''}</h1>
  <p class="text-muted">Who is here, what is short, how long there is. All of it is for tonight only.</p>
  {#if tonight.trouble ?? catalogue.trouble}
    <p role="alert" class="mt-3 rounded-xl bg-sand px-4 py-2">{tonight.trouble ?? catalogue.trouble}</p>
  {/if}
  {#if document && score && catalogue.moves.size > 0}
    <div class="mt-4 grid gap-8 md:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
      <div class="space-y-5">
        {#snippet stepper(name: string, value: number, set: (n: number) => void)}
          <div class="flex items-center gap-2" role="group" aria-label={name}>
            <span class="w-36 font-bold">{name}</span>
            <button class="tool bg-sand" aria-label="One fewer, {name}" onclick={() => set(value - 1)}
              >−</button
            >
            <b class="w-10 text-center text-[21px]" aria-live="polite">{value}</b>
            <button class="tool bg-sand" aria-label="One more, {name}" onclick={() => set(value + 1)}
              >+</button
            >
          </div>
        {/snippet}
        {@render stepper('People', people, setPeople)}
        {@render stepper('Of them new', newcomers, setNewcomers)}
        <div class="flex flex-wrap items-center gap-2" role="group" aria-label="Minutes">
          <span class="w-36 font-bold">Minutes</span>
          {#each [0, 5, 10] as minutes (minutes)}
            {@const left = (tonight.planned?.minutes ?? 0) - minutes}
            <button
              class="press aria-pressed:bg-deep aria-pressed:text-on-deep"
              aria-pressed={document.minutes === left}
              onclick={() => less(minutes)}>{minutes === 0 ? `all ${left}` : `${minutes} less`}</button
            >
          {/each}
        </div>
        <section>
          <h2 class="text-[19px]">Who is here with what</h2>
          <p class="text-[14px] text-muted">Counted, never named. What matters in this class stands first.</p>
          <ConditionCounts {document} {asking} onchange={(edit) => tonight.change(edit)} />
        </section>
        {#if needs.length > 0}
          <section>
            <h2 class="text-[19px]">Props</h2>
            <ul class="mt-1">
              {#each needs as need (need.prop.id)}
                <li class="flex flex-wrap items-center gap-2 py-1">
                  <span class="w-36">{need.needed} {need.prop.plural.toLowerCase()}</span>
                  <span class="text-muted">there are</span>
                  <input
                    class="field w-20"
                    type="number"
                    min="0"
                    max="999"
                    aria-label="How many {need.prop.plural.toLowerCase()} are there"
                    value={need.stock ?? ''}
                    placeholder="?"
                    onchange={(e) => setStock(need.prop.id, e.currentTarget.valueAsNumber || 0)}
                  />
                  {#if shortBy(need) > 0}<b class="text-serious"
                      >{shortBy(need)} short{need.standIns.length
                        ? `; ${need.standIns.map((s) => s.name.toLowerCase()).join(', ')} will do`
                        : ''}</b
                    >{/if}
                </li>
              {/each}
            </ul>
          </section>
        {/if}
      </div>
      <section aria-live="polite">
        <p class="text-[19px]">
          <b class="font-head text-[27px]">{clock(score.totalMs)}</b> of {document.minutes} minutes
          {#if tonight.busy}<span class="text-muted">working it out</span>{/if}
        </p>
        <div class="mt-3 flex flex-wrap gap-3">
          <a class="press-deep inline-flex items-center text-[19px]" href="#/teach/{params.id}"
            >Teach it like this</a
          >
          <button class="press" disabled={!tonight.canUndo} onclick={() => tonight.undo()}>Undo</button>
          <button class="press" disabled={!tonight.isKept} onclick={() => tonight.forget()}
            >Back to the plan’s</button
          >
        </div>
        <p class="mt-2 text-[14px] text-muted">
          {tonight.isKept
            ? 'Kept in this browser for tonight; the plan is as it was.'
            : 'As planned: nothing is changed.'}
        </p>
        {#if tonight.fitted && !tonight.fitted.fits}
          <p class="mt-1 text-notable">
            It does not fit: {tonight.fitted.nearest.below
              ? `the nearest is ${clock(tonight.fitted.nearest.below)}`
              : ''}{tonight.fitted.nearest.above
              ? `${tonight.fitted.nearest.below ? ' or' : 'the nearest is'} ${clock(tonight.fitted.nearest.above)}`
              : ''}. {tonight.fitted.advice[0]?.text ?? ''}
          </p>
        {:else if tonight.fitted?.changes.length}
          <h2 class="mt-3 text-[19px]">Doses for tonight</h2>
          <ul class="mt-1 text-[15px]">
            {#each tonight.fitted.changes as change (change.line)}
              <li>
                {nameOf(change.line)}: {change.to}
                {unitFor(change.to, change.unit)} <span class="text-muted">in place of {change.from}</span>
              </li>
            {/each}
          </ul>
        {/if}
        <h2 class="mt-4 text-[19px]">Who does what instead</h2>
        {#if swaps.length === 0 && elsewhere.length === 0}
          <p class="text-muted">Nobody who is here needs anything else.</p>
        {/if}
        <ul class="mt-1 divide-y divide-line text-[15px]">
          {#each elsewhere as { from, position, swap } (`${from.id} ${swap.with.join()}`)}
            <li class="py-1.5">
              From {clock(from.occurrences[0]?.startMs ?? 0)}: {shortSwap(swap, names, position)}
            </li>
          {/each}
          {#each swaps as { line, swaps: some } (line.id)}
            <li class="py-1.5">
              <b>{nameOf(line.id)}</b>
              {some.map((s) => shortSwap(s, names, line.position)).join('; ')}
            </li>
          {/each}
        </ul>
      </section>
    </div>
  {:else if !tonight.trouble}
    <p class="mt-4 text-muted" role="status">Working it out</p>
  {/if}
</main>
