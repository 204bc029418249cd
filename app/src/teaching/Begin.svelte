<script lang="ts">
  import { clock } from '../lib/time';
  import type { Teaching } from './teaching.svelte';

  const { teaching, id }: { teaching: Teaching; id: string } = $props();

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
  {#if teaching.unkept}
    <p role="alert" class="mt-4 rounded-xl bg-sand px-4 py-2">
      This browser keeps nothing, so a reload would lose where you are. Leave the tab open.
    </p>
  {/if}
  <button class="press-deep mt-6 text-[19px]" disabled={!ready} onclick={() => teaching.begin()}
    >Begin the class</button
  >
</main>
