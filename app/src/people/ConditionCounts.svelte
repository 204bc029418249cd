<script lang="ts">
  import { untrack } from 'svelte';
  import { catalogue } from '../lib/catalogue.svelte';
  import { unitFor } from '../lib/words';
  import type { ClassFile } from '../lib/api/client';

  interface Props {
    document: ClassFile;
    /** In how many lines something would change, by condition that nobody has asked about. */
    asking?: ReadonlyMap<string, number>;
    onchange: (edit: (document: ClassFile) => void) => void;
  }

  const { document, asking = new Map(), onchange }: Props = $props();

  const counts = $derived(document.group?.conditions ?? {});
  const most = $derived(Math.max(3, document.group?.size ?? 0));
  /** What matters tonight first, the rest on request. */
  let all = $state(false);
  const matters = (id: string) => id in counts || asking.has(id);
  // In the order of when the list was opened: what is answered stays where it is, under the hand.
  let order = $state.raw<string[]>([]);
  function sort() {
    order = catalogue.conditions
      .map((c) => c.id)
      .sort(
        (a, b) => Number(b in counts) - Number(a in counts) || (asking.get(b) ?? 0) - (asking.get(a) ?? 0),
      );
  }
  $effect(() => {
    if (catalogue.conditions.length > 0) untrack(sort);
  });
  const shown = $derived(
    order
      .map((id) => catalogue.conditions.find((c) => c.id === id))
      .filter((c) => c !== undefined)
      .filter((c) => all || matters(c.id)),
  );

  function set(id: string, value: string) {
    onchange((d) => {
      const conditions = { ...d.group?.conditions };
      if (value === '') delete conditions[id];
      else conditions[id] = Number(value);
      d.group = { ...d.group, conditions };
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
          <span class="text-[13.5px] text-notable"
            >ask tonight: {asking.get(condition.id)}
            {unitFor(asking.get(condition.id) ?? 0, 'lines')}</span
          >
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
<button type="button" class="press mt-3" onclick={() => (all = !all)}
  >{all ? 'Only what matters tonight' : 'All conditions'}</button
>
