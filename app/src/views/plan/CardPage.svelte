<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { clock } from '../../lib/time';
  import {
    advised,
    elsewhereOf,
    endOf,
    linesWithSwaps,
    placeName,
    wayOut,
    who,
    whatOf,
    type Names,
    type Swap,
  } from '../../people/swaps';
  import { PlanState } from '../../plan/plan.svelte';

  const { params }: { params: { id: string } } = $props();
  // The router makes a new page for another class.
  // svelte-ignore state_referenced_locally
  const plan = new PlanState(params.id);
  onDestroy(() => plan.close());
  onMount(() => void Promise.all([catalogue.load(), plan.load()]));

  const names = $derived<Names>(catalogue);
  const nameOf = (line: string) => catalogue.moves.get(plan.line(line)?.move ?? '')?.name ?? line;
  /** Only what is done otherwise, or also what is only done smaller. */
  let all = $state(true);
  const shown = (swap: Swap) => all || swap.advice !== 'smaller';
  const elsewhere = $derived(elsewhereOf(plan.score?.lines ?? []));
  const lines = $derived(
    linesWithSwaps(plan.score?.lines ?? [])
      .map(({ line, swaps }) => ({ line, swaps: swaps.filter(shown) }))
      .filter((l) => l.swaps.length > 0),
  );
</script>

<svelte:head><title>People card · {plan.document?.title ?? 'Class'} · Ample Tide</title></svelte:head>

<main class="mx-auto max-w-4xl px-6 py-6 print:max-w-none print:p-0">
  <div class="mb-4 flex flex-wrap items-center gap-3 print:hidden">
    <a class="press inline-flex items-center" href="#/plan/{params.id}/people">Back to the class</a>
    <label class="flex items-center gap-2"
      ><input type="checkbox" bind:checked={all} />with what is only smaller</label
    >
    <button class="press-deep ml-auto" onclick={() => window.print()}>Print</button>
  </div>
  {#if plan.trouble ?? catalogue.trouble}
    <p role="alert" class="rounded-xl bg-sand px-4 py-2">{plan.trouble ?? catalogue.trouble}</p>
  {:else if !plan.score || !plan.document}
    <p class="text-muted" role="status">Working it out</p>
  {:else}
    <h1 class="text-[26px]">{plan.document.title}: what some do otherwise</h1>
    <p class="mt-1 text-[14px] text-muted">
      For {plan.document.group?.size ?? 0} people; by condition, never by name. Common practice from memory, not
      medical advice: a clinician's word comes first, and everybody may leave out anything.
    </p>
    {#if lines.length === 0 && elsewhere.length === 0}
      <p class="mt-4">
        Nobody who comes needs anything else than what is planned, as far as was asked and is known.
      </p>
    {:else}
      {#if elsewhere.length > 0}
        <h2 class="mt-4 text-[19px]">Where they are</h2>
        <ul class="mt-1 text-[15px]">
          {#each elsewhere as { from, to, position, swap } (`${from.id} ${swap.with.join()}`)}
            <li>
              {clock(from.occurrences[0]?.startMs ?? 0)} to {clock(endOf(to))}, {placeName(position, names)}:
              <b>{who(swap, names)}</b>, {wayOut(swap.to!, names, position)}
            </li>
          {/each}
        </ul>
      {/if}
      <table class="mt-4 w-full text-left text-[15px]">
        <thead>
          <tr class="border-b-2 border-ink">
            <th class="w-14 py-1.5 font-bold">At</th>
            <th class="w-[24%] font-bold">Line</th>
            <th class="w-[24%] font-bold">For</th>
            <th class="font-bold">What they do</th>
          </tr>
        </thead>
        <tbody>
          {#each lines as { line, swaps } (line.id)}
            {#each swaps as swap, i (swap.with.join())}
              <tr class="break-inside-avoid border-b border-line align-baseline">
                <td class="py-1">{i === 0 ? clock(line.occurrences[0]?.startMs ?? 0) : ''}</td>
                <td class="py-1 pr-3 font-bold">{i === 0 ? nameOf(line.id) : ''}</td>
                <td class="py-1 pr-3">{who(swap, names)}</td>
                <td class="py-1"><b>{advised[swap.advice]}:</b> {whatOf(swap, names, line.position)}</td>
              </tr>
            {/each}
          {/each}
        </tbody>
      </table>
    {/if}
  {/if}
</main>
