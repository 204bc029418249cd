<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import Figure from '../../figures/Figure.svelte';
  import { figureKey, figures } from '../../figures/figures.svelte';
  import { api, sentence } from '../../lib/api/client';
  import type { components } from '../../lib/api/schema';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { PlanState } from '../../plan/plan.svelte';

  const { params }: { params: { id: string } } = $props();
  // The router makes a new page for another class.
  // svelte-ignore state_referenced_locally
  const plan = new PlanState(params.id);
  onDestroy(() => plan.close());
  onMount(() => void Promise.all([catalogue.load(), plan.load()]));

  const [fewest, most] = [3, 6];
  let practice = $state.raw<components['schemas']['HomePracticeResponse'] | null>(null);
  let trouble = $state('');
  /** Lines that go home; null until somebody has chosen: then those that suggest themselves. */
  let chosen = $state.raw<string[] | null>(null);
  let choosing = $state(false);
  const lines = $derived(chosen ?? practice?.lines ?? []);
  const offered = $derived(
    (plan.score?.lines ?? []).flatMap((scored) => {
      const name = catalogue.moves.get(plan.line(scored.id)?.move ?? '')?.name;
      return name ? [{ id: scored.id, name }] : [];
    }),
  );

  let asked = 0;
  $effect(() => {
    const [given, picked, turn] = [plan.document, chosen, ++asked];
    if (!given) return;
    const body = { class: $state.snapshot(given), lines: picked };
    void api.POST('/api/home-practice', { body }).then(
      ({ data, error }) => {
        if (turn !== asked) return;
        [practice, trouble] = [data ?? practice, error ? sentence(error) : ''];
      },
      (problem) => (trouble = sentence(problem)),
    );
  });

  const toggle = (id: string) =>
    (chosen = lines.includes(id) ? lines.filter((l) => l !== id) : [...lines, id]);
  /** Conditions with the numbers of the moves that they ask about. */
  const askFirst = $derived(
    (practice?.askFirst ?? [])
      .map((condition) => {
        const at = practice!.moves.flatMap((move, i) => (move.askFirst.includes(condition) ? [i + 1] : []));
        return at.length === practice!.moves.length ? condition : `${condition} (${at.join(', ')})`;
      })
      .join('; '),
  );
  const about = $derived(Math.max(1, Math.round((practice?.ms ?? 0) / 60_000)));
</script>

<svelte:head><title>For home · {plan.document?.title ?? 'Class'} · Ample Tide</title></svelte:head>

<main class="mx-auto max-w-[210mm] px-6 py-6 print:max-w-none print:p-0">
  <div class="mb-5 print:hidden">
    <div class="flex flex-wrap items-center gap-3">
      <a class="press inline-flex items-center" href="#/plan/{params.id}/script">Back to the plan</a>
      <button class="press" disabled={chosen === null} onclick={() => (chosen = null)}>As suggested</button>
      <button class="press-deep ml-auto" disabled={lines.length < fewest} onclick={() => print()}
        >Print</button
      >
    </div>
    <details class="mt-3" bind:open={choosing}>
      <summary class="min-h-10 cursor-pointer py-2">
        Which moves go home: {lines.length} of {most} at most{lines.length < fewest
          ? `, ${fewest} at least`
          : ''}
      </summary>
      <div class="grid grid-cols-3 gap-x-4 max-md:grid-cols-1">
        {#each offered as line (line.id)}
          <label class="flex min-h-10 items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              class="size-5"
              checked={lines.includes(line.id)}
              disabled={!lines.includes(line.id) && lines.length >= most}
              onchange={() => toggle(line.id)}
            />{line.name}
          </label>
        {/each}
      </div>
    </details>
  </div>
  {#if trouble || plan.trouble}
    <p role="alert" class="rounded-xl bg-sand px-4 py-2">{trouble || plan.trouble}</p>
  {:else if !practice || !plan.document}
    <p class="text-muted" role="status">Working it out</p>
  {:else if practice.moves.length === 0}
    <p>Nothing of this class suggests itself for home. Choose three to six of its moves above.</p>
  {:else}
    <header>
      <h1>For home, from {plan.document.title}</h1>
      <p>
        About {about}
        {about === 1 ? 'minute' : 'minutes'}. Go only as far as it feels good, and breathe as it comes. Sharp,
        spreading or tingling pain means stop. This is a reminder of our class, not treatment.
      </p>
    </header>
    <ol>
      {#each practice.moves as move, i (move.line)}
        <li>
          <div class="figure">
            <Figure
              figure={figures.of(figureKey(move.move, move.position, move.option))}
              label=""
              width={140}
              height={112}
            />
          </div>
          <div class="min-w-0">
            <h2>{i + 1}. {move.name}</h2>
            <p class="dose">
              {move.dose} · {move.where.toLowerCase()}{move.props.length
                ? ` · with ${move.props.map((id) => catalogue.propName(id)).join(', ')}`
                : ''}
            </p>
            <p>{move.how.join(' ')}</p>
            {#if move.easier}<p><b>Less:</b> {move.easier}.</p>{/if}
            {#each move.mind as mind (mind)}<p><b>Mind:</b> {mind}.</p>{/each}
          </div>
        </li>
      {/each}
    </ol>
    <section class="foot">
      <b>Ask first</b>
      {#if askFirst}with {askFirst}.{/if} After an operation, in pregnancy, or with a pain that is new, ask your
      doctor, midwife or physiotherapist before you do this alone. What they say comes before this sheet.
    </section>
  {/if}
</main>

<style>
  h1 {
    font-size: 19pt;
  }
  header p,
  .foot {
    font-size: 9.5pt;
  }
  ol {
    margin-top: 4mm;
  }
  li {
    display: grid;
    grid-template-columns: 38mm minmax(0, 1fr);
    gap: 5mm;
    align-items: center;
    padding: 1.8mm 0;
    border-top: 0.2mm solid var(--line);
    break-inside: avoid;
    font-size: 9.5pt;
    line-height: 1.28;
  }
  h2 {
    font-size: 12.5pt;
  }
  .dose {
    font-weight: 600;
  }
  .foot {
    margin-top: 3mm;
    padding-top: 2.4mm;
    border-top: 0.4mm solid var(--ink);
    break-inside: avoid;
  }
  @media (max-width: 600px) {
    li {
      grid-template-columns: 1fr;
    }
  }
</style>
