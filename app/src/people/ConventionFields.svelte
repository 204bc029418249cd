<script lang="ts">
  import { onMount } from 'svelte';
  import { api, type Conventions } from '../lib/api/client';
  import type { PlanState } from '../plan/plan.svelte';

  const { plan }: { plan: PlanState } = $props();

  let conventions = $state.raw<Conventions | null>(null);
  let change = $state('');
  const chosen = $derived(plan.document?.conventions ?? {});

  onMount(async () => (conventions = (await api.GET('/api/conventions')).data ?? null));

  /** What a choice changes is told: the findings that come and go, and the clock. */
  async function choose(next: Record<string, string>) {
    const before = plan.score;
    plan.change('convention', (document) => (document.conventions = next));
    await plan.settled();
    const after = plan.score;
    if (!before || !after) return;
    const had = new Set(before.findings.map((f) => f.text));
    const has = new Set(after.findings.map((f) => f.text));
    const come = after.findings.filter((f) => !had.has(f.text)).map((f) => f.text);
    const gone = before.findings.filter((f) => !has.has(f.text)).map((f) => f.text);
    const seconds = Math.round((after.totalMs - before.totalMs) / 1000);
    change =
      [
        seconds ? `${Math.abs(seconds)} s ${seconds > 0 ? 'longer' : 'shorter'}` : '',
        come.length ? `new: ${come.join(' ')}` : '',
        gone.length ? `gone: ${gone.join(' ')}` : '',
      ]
        .filter(Boolean)
        .join('; ') || 'Nothing in this class changes by that but its words.';
  }
</script>

{#if conventions}
  <div class="mb-3 flex flex-wrap gap-2">
    {#each conventions.presets as preset (preset.name)}
      <button class="press text-left" title={preset.for} onclick={() => choose({ ...preset.chosen })}
        >{preset.name}<span class="block text-[13px] text-muted">{preset.for}</span></button
      >
    {/each}
  </div>
  <p class="mb-2 min-h-6 text-[14px] text-muted" role="status">{change}</p>
  <ul class="divide-y divide-line">
    {#each conventions.all as c (c.id)}
      <li
        class="grid grid-cols-[minmax(0,1fr)_minmax(180px,260px)] items-center gap-4 py-2 max-md:grid-cols-1"
      >
        <div>
          <p id="convention-{c.id}">{c.matter}</p>
          <p class="text-[13.5px] text-muted">{c.why}</p>
        </div>
        <select
          class="field"
          aria-labelledby="convention-{c.id}"
          value={chosen[c.id] ?? c.ways[0]!.id}
          onchange={(e) => choose({ ...chosen, [c.id]: e.currentTarget.value })}
        >
          {#each c.ways as way, i (way.id)}<option value={way.id}
              >{way.name}{i === 0 ? ' (usual)' : ''}</option
            >{/each}
        </select>
      </li>
    {/each}
  </ul>
{/if}
