<script lang="ts">
  import ConditionCounts from '../../people/ConditionCounts.svelte';
  import ConventionFields from '../../people/ConventionFields.svelte';
  import GroupFields from '../../people/GroupFields.svelte';
  import Safety from '../../people/Safety.svelte';
  import Swaps from '../../people/Swaps.svelte';
  import Together from '../../people/Together.svelte';
  import type { PlanState } from '../../plan/plan.svelte';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const asking = $derived(new Map(plan.score?.ask.map((a) => [a.condition, a.lines.length])));
</script>

<div class="mx-auto grid max-w-6xl grid-cols-2 gap-x-12 gap-y-8 px-6 pb-16 max-lg:grid-cols-1 max-md:px-3">
  <section>
    <h2 class="mb-3 text-[21px]">Who comes</h2>
    {#if plan.document}
      <GroupFields document={plan.document} onchange={(edit) => plan.change('group', edit)} />{/if}
    <h2 class="mt-7 mb-1 text-[21px]">Together in one person</h2>
    <p class="mb-2 text-[14px] text-muted">
      What somebody has is judged together. No names, and a file that leaves the house asks first.
    </p>
    {#if plan.document}<Together
        document={plan.document}
        onchange={(edit) => plan.change('people', edit)}
      />{/if}
    <h2 class="mt-7 mb-1 text-[21px]">Conditions, by count</h2>
    <p class="mb-2 text-[14px] text-muted">No names. Not asked is not the same as nobody.</p>
    {#if plan.document}<ConditionCounts
        document={plan.document}
        {asking}
        onchange={(edit) => plan.change('conditions', edit)}
      />{/if}
  </section>
  <section>
    <div class="mb-1 flex flex-wrap items-baseline gap-3">
      <h2 class="text-[21px]">What some do instead</h2>
      <a class="press ml-auto inline-flex items-center" href="#/card/{plan.id}">Card to print or show</a>
    </div>
    <Swaps {plan} {ongo} />
    <h2 class="mt-7 mb-2 text-[21px]">Conventions of this class</h2>
    <ConventionFields {plan} />
    <div class="mt-8"><Safety /></div>
  </section>
</div>
