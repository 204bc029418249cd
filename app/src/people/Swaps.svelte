<script lang="ts">
  import { catalogue } from '../lib/catalogue.svelte';
  import type { PlanState } from '../plan/plan.svelte';
  import { saySwap } from './swaps';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const swaps = $derived(plan.score?.swaps ?? []);
  const byLine = $derived([...new Set(swaps.map((s) => s.line))]);
  const nameOf = (line: string) => catalogue.moves.get(plan.line(line)?.move ?? '')?.name ?? line;
  const conditions = $derived(new Map(catalogue.conditions.map((c) => [c.id, c])));
</script>

{#if swaps.length === 0}
  <p class="text-muted">Nobody who comes needs anything else than what is planned, as far as was asked.</p>
{:else}
  <p class="mb-2 text-[14px] text-muted">
    For some people only, in the same minute; say it before the first side.
  </p>
  <ul class="divide-y divide-line">
    {#each byLine as line (line)}
      <li class="py-2">
        <button class="font-bold underline underline-offset-4" onclick={() => ongo(line)}
          >{nameOf(line)}</button
        >
        <ul>
          {#each swaps.filter((s) => s.line === line) as swap (swap.condition)}
            <li class="text-[14.5px]">{saySwap(swap, conditions.get(swap.condition))}</li>
          {/each}
        </ul>
      </li>
    {/each}
  </ul>
{/if}
