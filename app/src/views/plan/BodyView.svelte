<script lang="ts">
  import { plain } from '../../lib/words';
  import BodyFace from '../../bodymap/BodyFace.svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { clock } from '../../lib/time';
  import type { PlanState } from '../../plan/plan.svelte';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const areas = $derived([...(plan.score?.ledgers.areas ?? [])].sort((a, b) => b.ms - a.ms));
  const theme = $derived<readonly string[]>(plan.document?.theme?.areas ?? []);
  const untouched = $derived(theme.filter((t) => !areas.some((a) => a.area === t)));
  let chosen = $state<string | null>(null);
  const lines = $derived(
    (plan.score?.lines ?? []).filter(
      (l) => chosen && catalogue.moves.get(plan.line(l.id)?.move ?? '')?.areas.includes(chosen),
    ),
  );
</script>

<div
  class="mx-auto grid max-w-6xl grid-cols-[1fr_1fr_320px] gap-4 px-6 pb-12 max-lg:grid-cols-2 max-md:grid-cols-1"
>
  {#each ['front', 'back'] as const as face (face)}
    <BodyFace {face} {areas} {theme} {chosen} onchoose={(a) => (chosen = a)} />
  {/each}
  <section aria-label="Areas" class="max-lg:col-span-full">
    <p class="mb-2 text-[14px] text-muted">
      The fuller, the longer it was eased; high water is five minutes a side. The theme is ringed.
    </p>
    <ul>
      {#each areas as a (a.area)}
        <li>
          <button
            class="flex min-h-9 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-band aria-pressed:bg-sand"
            aria-pressed={chosen === a.area}
            onclick={() => (chosen = chosen === a.area ? null : a.area)}
          >
            <span class={['capitalize', theme.includes(a.area) && 'font-bold']}>{plain(a.area)}</span>
            <span class="ml-auto text-[14px] text-muted">◐ {clock(a.leftMs)} · ◑ {clock(a.rightMs)}</span>
          </button>
        </li>
      {/each}
    </ul>
    {#if untouched.length > 0}
      <p class="mt-3 text-serious">Of the theme, nothing yet for {untouched.map(plain).join(', ')}.</p>
    {/if}
    {#if chosen}
      <h2 class="mt-4 text-[17px] capitalize">{plain(chosen)}</h2>
      <ul>
        {#each lines as line (line.id)}
          <li>
            <button class="min-h-9 text-left underline underline-offset-4" onclick={() => ongo(line.id)}
              >{catalogue.moves.get(plan.line(line.id)?.move ?? '')?.name}</button
            >
          </li>
        {:else}<li class="text-muted">No line is mainly for it; it is eased by the way.</li>{/each}
      </ul>
    {/if}
  </section>
</div>
