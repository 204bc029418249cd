<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { catalogue } from '../lib/catalogue.svelte';
  import { known, sincesWith, written, type Known, type Person } from './person';

  interface Props {
    person: Person;
    /** What this person is called here: "Person 2". */
    label: string;
    most: number;
    onchange: (person: Person) => void;
    onremove: () => void;
  }

  const { person, label, most, onchange, onremove }: Props = $props();

  const has = $derived(person.conditions.map(known));
  const left = $derived(catalogue.conditions.filter((c) => !has.some((h) => h.id === c.id)));
  const conditionOf = (id: string) => catalogue.conditions.find((c) => c.id === id);

  const put = (all: readonly Known[]) => onchange({ ...person, conditions: all.map(written) });
  const change = (id: string, changes: Partial<Known>) =>
    put(has.map((h) => (h.id === id ? { ...h, ...changes } : h)));

  function add(select: HTMLSelectElement) {
    if (select.value) put([...has, { id: select.value }]);
    select.value = '';
  }
</script>

<li class="rounded-2xl bg-band px-3 py-2.5">
  <div class="flex items-center gap-3">
    <b>{label}</b>
    <label class="ml-auto flex items-center gap-2 text-[14px] text-muted"
      >how many like this
      <select
        class="field w-18"
        value={String(person.count ?? 1)}
        onchange={(e) => onchange({ ...person, count: Number(e.currentTarget.value) })}
      >
        {#each Array.from({ length: Math.max(most, person.count ?? 1) }, (_, i) => i + 1) as n (n)}
          <option value={String(n)}>{n}</option>
        {/each}
      </select></label
    >
    <button class="tool" aria-label="Remove {label}" onclick={onremove}
      ><X size={18} aria-hidden="true" /></button
    >
  </div>
  <ul class="mt-1 space-y-1">
    {#each has as h (h.id)}
      {@const condition = conditionOf(h.id)}
      <li class="flex flex-wrap items-center gap-2">
        <span class="min-w-40 flex-1">{condition?.name ?? h.id}</span>
        {#if condition?.hasSide}
          <select
            class="field w-44"
            aria-label="Side, {condition.name}"
            value={h.side ?? ''}
            onchange={(e) => change(h.id, { side: (e.currentTarget.value || undefined) as Known['side'] })}
          >
            <option value="">side: not known</option>
            <option value="right">right</option>
            <option value="left">left</option>
          </select>
        {/if}
        {#if condition?.settlesAfterWeeks}
          <select
            class="field w-52"
            aria-label="Since when, {condition.name}"
            value={h.since ?? ''}
            onchange={(e) => change(h.id, { since: e.currentTarget.value || undefined })}
          >
            {#each sincesWith(h.since) as [value, name] (value)}<option {value}>{name}</option>{/each}
          </select>
        {/if}
        <button
          class="tool"
          aria-label="{label} does not have {condition?.name ?? h.id}"
          onclick={() => put(has.filter((other) => other.id !== h.id))}
          ><X size={16} aria-hidden="true" /></button
        >
      </li>
    {/each}
  </ul>
  <select
    class="field mt-1.5 w-full"
    aria-label="What {label} has"
    value=""
    onchange={(e) => add(e.currentTarget)}
  >
    <option value="">{has.length === 0 ? 'Choose what they have' : 'And also'}</option>
    {#each left as c (c.id)}<option value={c.id}>{c.name}</option>{/each}
  </select>
</li>
