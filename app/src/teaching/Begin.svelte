<script lang="ts">
  import { clock } from '../lib/time';
  import { tonightOf } from '../tonight/kept';
  import type { Teaching } from './teaching.svelte';

  const { teaching, id }: { teaching: Teaching; id: string } = $props();

  // Ticks are for this evening; they are gone with the tab.
  let ticked = $state<Record<string, boolean>>({});
  const shown = 3;
  function linesOf(lines: readonly string[]) {
    const names = [...new Set(lines.map((l) => plan?.lesson.lines[l]?.name ?? l))];
    return (
      names.slice(0, shown).join(', ') + (names.length > shown ? ` and ${names.length - shown} more` : '')
    );
  }

  const ready = $derived(teaching.status === 'ready');
  const plan = $derived(teaching.plan);
</script>

<main class="mx-auto max-w-3xl px-6 py-8">
  <p><a class="underline underline-offset-4" href="#/plan/{id}">Back to the plan</a></p>
  <h1 class="mt-3 text-[30px]">{teaching.document?.title ?? 'Teach'}</h1>
  {#if plan}
    <p class="mt-1 text-muted">
      {clock(plan.lesson.totalMs)} planned, {clock(plan.targetMs)} wanted. Times go by the clock; what you tap changes
      tonight only, never the plan.
    </p>
  {/if}
  <div class="mt-6" aria-live="polite">
    {#if ready}
      <p class="font-bold">Ready. Nothing needs the network from here on.</p>
    {:else}
      <p>Fetching what the class is taught from</p>
      <progress class="mt-2 w-full" max="1" value={teaching.fetched}></progress>
    {/if}
  </div>
  {#if tonightOf(id)}
    <p class="mt-3">
      As it was set for tonight. <a class="underline underline-offset-4" href="#/tonight/{id}">Look at it</a>
    </p>
  {:else if plan}
    <p class="mt-3">
      <a class="underline underline-offset-4" href="#/tonight/{id}">Somebody else is here, or less time?</a>
    </p>
  {/if}
  {#if plan}
    <h2 class="mt-6 text-[21px]">Before minute 0</h2>
    <ul class="mt-1">
      {#each plan.lesson.before as step (step.id)}
        <li>
          <label class="flex min-h-10 items-start gap-3 py-1.5">
            <input type="checkbox" class="mt-0.5 size-6 shrink-0" bind:checked={ticked[step.id]} />
            <span class:line-through={ticked[step.id]}
              >{step.text}
              {#if step.lines.length > 0}<span class="text-[14px] text-muted">{linesOf(step.lines)}</span
                >{/if}</span
            >
          </label>
        </li>
      {/each}
    </ul>
  {/if}
  {#if teaching.unkept}
    <p role="alert" class="mt-4 rounded-xl bg-sand px-4 py-2">
      This browser keeps nothing, so a reload would lose where you are. Leave the tab open.
    </p>
  {/if}
  <button class="press-deep mt-6 text-[19px]" disabled={!ready} onclick={() => teaching.begin()}
    >Begin the class</button
  >
</main>
