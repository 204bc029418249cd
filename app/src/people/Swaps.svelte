<script lang="ts">
  import { catalogue } from '../lib/catalogue.svelte';
  import { clock } from '../lib/time';
  import type { PlanState } from '../plan/plan.svelte';
  import {
    advised,
    elsewhereOf,
    endOf,
    linesWithSwaps,
    placeName,
    source,
    standIn,
    wayOut,
    who,
    whatOf,
    type Names,
  } from './swaps';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const names = $derived<Names>(catalogue);
  const elsewhere = $derived(elsewhereOf(plan.score?.lines ?? []));
  const lines = $derived(linesWithSwaps(plan.score?.lines ?? []));
  const nameOf = (line: string) => catalogue.moves.get(plan.line(line)?.move ?? '')?.name ?? line;
</script>

{#if lines.length === 0 && elsewhere.length === 0}
  <p class="text-muted">
    Nobody who comes needs anything else than what is planned, as far as was asked and is known.
  </p>
{:else}
  <p class="mb-2 text-[14px] text-muted">
    For some people only, in the same minutes; say it before the first side.
  </p>
  {#if elsewhere.length > 0}
    <h3 class="mt-3 font-sans text-[15px] font-bold">Where they are</h3>
    <ul class="mb-3 divide-y divide-line text-[14.5px]">
      {#each elsewhere as { from, to, position, swap } (`${from.id} ${swap.with.join()}`)}
        <li class="py-1.5">
          <button class="text-muted underline underline-offset-4" onclick={() => ongo(from.id)}
            >{clock(from.occurrences[0]?.startMs ?? 0)}{from === to ? '' : ` to ${clock(endOf(to))}`}, {placeName(
              position,
              names,
            )}</button
          >: <b>{who(swap, names)}</b>, {wayOut(swap.to!, names, position)}
        </li>
      {/each}
    </ul>
  {/if}
  <ul class="divide-y divide-line">
    {#each lines as { line, swaps } (line.id)}
      <li class="py-2.5">
        <button class="font-bold underline underline-offset-4" onclick={() => ongo(line.id)}
          >{nameOf(line.id)}</button
        >
        <span class="text-[13.5px] text-muted">{clock(line.occurrences[0]?.startMs ?? 0)}</span>
        <ul class="mt-1 space-y-1">
          {#each swaps as swap (swap.with.join())}
            <li class="grid grid-cols-[92px_minmax(0,1fr)] gap-2 text-[14.5px]">
              <span class={swap.advice === 'leave-out' ? 'font-bold text-notable' : 'text-muted'}
                >{advised[swap.advice]}</span
              >
              <details>
                <summary class="cursor-pointer"
                  ><b>{who(swap, names)}</b>: {whatOf(swap, names, line.position)}</summary
                >
                <p class="mt-0.5 text-muted">
                  Because {swap.because}; {source[swap.from]}.
                  {#if swap.instead.length > 1}
                    Or {swap.instead
                      .slice(1)
                      .map((i) => standIn(i, names, line.position))
                      .join(', or ')}.
                  {/if}
                </p>
              </details>
            </li>
          {/each}
        </ul>
      </li>
    {/each}
  </ul>
{/if}
