<script lang="ts">
  import { catalogue } from '../lib/catalogue.svelte';
  import type { PlanState } from '../score/plan.svelte';

  const { plan }: { plan: PlanState } = $props();

  const counts = $derived((plan.document?.group?.conditions ?? {}) as Record<string, number>);
  const asking = $derived(new Map(plan.score?.ask.map((a) => [a.condition, a.lines.length])));
  const most = $derived(Math.max(3, plan.document?.group?.size ?? 0));
  /** What matters tonight first, the rest on request. */
  let all = $state(false);
  const shown = $derived(
    catalogue.conditions
      .filter((c) => all || c.id in counts || asking.has(c.id))
      .sort(
        (a, b) =>
          Number(b.id in counts) - Number(a.id in counts) ||
          (asking.get(b.id) ?? 0) - (asking.get(a.id) ?? 0),
      ),
  );

  function set(id: string, value: string) {
    plan.change('conditions', (document) => {
      const conditions = { ...document.group?.conditions };
      if (value === '') delete conditions[id];
      else conditions[id] = Number(value);
      document.group = { ...document.group, conditions };
    });
  }
</script>

<ul class="divide-y divide-line">
  {#each shown as condition (condition.id)}
    {@const asked = condition.id in counts}
    <li class="py-2">
      <div class="flex items-center gap-3">
        <span class={asked ? '' : 'font-bold'}>{condition.name}</span>
        {#if !asked && asking.has(condition.id)}
          <span class="text-[13.5px] text-notable">ask tonight: {asking.get(condition.id)} lines</span>
        {/if}
        <select
          class="field ml-auto w-36"
          aria-label="How many with {condition.name}"
          value={asked ? String(counts[condition.id]) : ''}
          onchange={(e) => set(condition.id, e.currentTarget.value)}
        >
          <option value="">not asked</option>
          <option value="0">nobody</option>
          {#each Array.from({ length: most }, (_, i) => i + 1) as n (n)}<option value={String(n)}>{n}</option
            >{/each}
        </select>
      </div>
      {#if (counts[condition.id] ?? 0) > 0}
        <p class="mt-1 text-[14px]">
          <span class="text-muted">Leave out or swap:</span>
          {condition.leaveOut}.
        </p>
        <p class="text-[14px]"><span class="text-muted">Offer:</span> {condition.offer}.</p>
      {/if}
    </li>
  {/each}
</ul>
<button class="press mt-3" onclick={() => (all = !all)}
  >{all ? 'Only what matters tonight' : 'All conditions'}</button
>
