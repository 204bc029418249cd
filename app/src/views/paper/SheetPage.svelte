<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import { placeOf } from '../../document/edits';
  import Figure from '../../figures/Figure.svelte';
  import { figureKey, figures } from '../../figures/figures.svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { chosen } from '../../lib/sides';
  import { clock } from '../../lib/time';
  import { unitFor } from '../../lib/words';
  import { PlanState } from '../../plan/plan.svelte';
  import PaperTide from './PaperTide.svelte';

  const { params }: { params: { id: string } } = $props();
  // The router makes a new page for another class.
  // svelte-ignore state_referenced_locally
  const plan = new PlanState(params.id);
  onDestroy(() => plan.close());
  onMount(() => void Promise.all([catalogue.load(), plan.load()]));

  let large = $state(false);
  const leftFirst = $derived(plan.document?.conventions?.firstSide === 'left');

  interface Row {
    id: string;
    at: number;
    section: string;
    name: string;
    what: string;
    figure: string | null;
    props: string[];
  }

  const rows = $derived.by<Row[]>(() => {
    let last = '';
    return (plan.score?.lines ?? []).map((scored) => {
      const line = plan.line(scored.id);
      const move = catalogue.moves.get(line?.move ?? '');
      const section = (plan.document && placeOf(plan.document, scored.id)?.section.name) ?? '';
      const begins = section !== last;
      last = section;
      const sides = move && chosen(move, line?.sides, leftFirst);
      return {
        id: scored.id,
        at: scored.occurrences[0]?.startMs ?? 0,
        section: begins ? section : '',
        name: move?.name ?? (scored.kind === 'wait' ? 'Wait' : 'Talk'),
        what: move
          ? [
              scored.unit === 'seconds' && scored.amount >= 60
                ? `${clock(scored.amount * 1000)} minutes`
                : `${scored.amount} ${unitFor(scored.amount, scored.unit)}`,
              sides?.said.map((s) => s.text).join(', '),
              line?.option && line.option !== 'base' ? line.option : '',
            ]
              .filter(Boolean)
              .join(' · ')
          : '',
        figure: move && scored.position ? figureKey(move.id, scored.position, line?.option ?? 'base') : null,
        props: (plan.score?.props ?? []).filter((p) => p.line === scored.id).map((p) => p.prop),
      };
    });
  });
</script>

<svelte:head><title>Class sheet · {plan.document?.title ?? 'Class'} · Ample Tide</title></svelte:head>

<main class="sheet mx-auto max-w-[210mm] px-6 py-6 print:max-w-none print:p-0" class:large>
  <div class="mb-4 flex flex-wrap items-center gap-3 print:hidden">
    <a class="underline underline-offset-4" href="#/plan/{params.id}">Back to the plan</a>
    <label class="ml-auto flex items-center gap-2"
      ><input type="checkbox" class="size-5" bind:checked={large} />Large type</label
    >
    <button class="press-deep" onclick={() => print()}>Print</button>
  </div>
  {#if plan.trouble ?? catalogue.trouble}
    <p role="alert" class="rounded-xl bg-sand px-4 py-2">{plan.trouble ?? catalogue.trouble}</p>
  {:else if !plan.score || !plan.document || catalogue.moves.size === 0}
    <p class="text-muted" role="status">Working it out</p>
  {:else}
    <header>
      <h1>{plan.document.title}</h1>
      <p>
        {clock(plan.score.totalMs)} of {plan.document.minutes} minutes · {plan.document.group?.size ?? '?'} people{plan
          .document.theme?.intention
          ? ` · ${plan.document.theme.intention}`
          : ''}
      </p>
      <PaperTide points={plan.score.tide} totalMs={plan.score.totalMs} />
    </header>
    <ol>
      {#each rows as row (row.id)}
        <li>
          {#if row.section}<h2>{row.section}</h2>{/if}
          <div class="row">
            <span class="at">{clock(row.at)}</span>
            <span class="figure">
              {#if row.figure}<Figure figure={figures.of(row.figure)} label="" width={44} height={34} />{/if}
            </span>
            <span class="min-w-0">
              <b>{row.name}</b>
              <span class="what">{row.what}</span>
              {#if row.props.length > 0}<span class="what"
                  >▸ {row.props.map((id) => catalogue.propName(id)).join(', ')}</span
                >{/if}
            </span>
          </div>
        </li>
      {/each}
    </ol>
  {/if}
</main>

<style>
  h1 {
    font-size: 19pt;
  }
  header p {
    font-size: 10pt;
    color: var(--muted);
  }
  ol {
    columns: 2;
    column-gap: 8mm;
    margin-top: 3mm;
  }
  h2 {
    font-size: 10.5pt;
    margin: 1.6mm 0 0.4mm;
    break-after: avoid;
  }
  li {
    break-inside: avoid;
  }
  .row {
    display: grid;
    grid-template-columns: 11mm 12mm minmax(0, 1fr);
    align-items: center;
    gap: 1.5mm;
    min-height: 9.2mm;
    border-top: 0.2mm solid var(--line);
    font-size: 9pt;
    line-height: 1.15;
  }
  .at {
    text-align: right;
    color: var(--muted);
  }
  .what {
    display: block;
    color: var(--muted);
    font-size: 8.2pt;
  }
  .large ol {
    columns: 1;
  }
  .large .row {
    font-size: 14pt;
    min-height: 13mm;
    grid-template-columns: 18mm 18mm minmax(0, 1fr);
  }
  .large .what {
    font-size: 12.5pt;
  }
  .large h2 {
    font-size: 14pt;
  }
  @media (max-width: 700px) {
    ol {
      columns: 1;
    }
  }
</style>
