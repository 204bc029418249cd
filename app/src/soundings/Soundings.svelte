<script lang="ts">
  import type { PlanState } from '../plan/plan.svelte';
  import FindingCard from './FindingCard.svelte';
  import OffList from './OffList.svelte';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const atOnce = 5;
  let all = $state(false);
  const findings = $derived(plan.score?.findings ?? []);
  const shown = $derived(all ? findings : findings.slice(0, atOnce));
  const count = $derived.by(() => {
    const of = (level: string) => findings.filter((f) => f.level === level).length;
    const parts = [
      [of('serious'), 'serious'],
      [of('notable'), 'notable'],
      [of('hint'), of('hint') === 1 ? 'hint' : 'hints'],
    ] as const;
    return parts
      .filter(([n]) => n > 0)
      .map(([n, word]) => `${n} ${word}`)
      .join(', ');
  });
</script>

<section aria-labelledby="soundings">
  <div class="mb-3 flex flex-wrap items-baseline gap-x-3">
    <h2 id="soundings" class="text-[19px]" tabindex="-1">Soundings</h2>
    <p class="text-[14px] text-muted" aria-live="polite">{count || 'nothing to mend'}</p>
  </div>
  {#each shown as finding (finding.id)}<FindingCard {plan} {finding} {ongo} />{/each}
  {#if findings.length === 0 && plan.score}
    <p class="text-muted">Sides, ways, breath and time agree with each other.</p>
  {/if}
  {#if findings.length > atOnce}
    <button class="press" onclick={() => (all = !all)}>
      {all ? 'Show the first five' : `Show ${findings.length - atOnce} more`}
    </button>
  {/if}
  <OffList {plan} />
</section>
