<script lang="ts">
  import { push } from 'svelte-spa-router';
  import type { Taught } from '../lib/api/client';
  import { catalogue } from '../lib/catalogue.svelte';
  import { clock } from '../lib/time';
  import { Unsent } from '../lib/unsent';
  import LineTimes from '../log/LineTimes.svelte';
  import LogFields from '../log/LogFields.svelte';
  import type { Teaching } from './teaching.svelte';

  const { teaching, entry, id }: { teaching: Teaching; entry: Taught; id: string } = $props();

  // What is typed here outlives a reload, as the class itself does.
  // svelte-ignore state_referenced_locally
  const unsent = new Unsent<Taught>(`log.${entry.id}`);
  // svelte-ignore state_referenced_locally
  let written = $state<Taught>({ ...entry, ...told(unsent.read()) });
  let trouble = $state<string | null>(null);
  let busy = $state(false);

  function told(before: Taught | null): Partial<Taught> {
    if (!before) return {};
    const { left, short, incidents, note, next } = before;
    return { left, short, incidents, note, next };
  }

  $effect(() => unsent.keep($state.snapshot(written) as Taught));
  $effect(() => void catalogue.load());

  async function keep() {
    busy = true;
    const problem = await teaching.write($state.snapshot(written) as Taught);
    busy = false;
    trouble = problem;
    if (problem) return;
    unsent.forget();
    await push(`/plan/${id}/log`);
  }

  async function drop() {
    if (!confirm('Forget this evening? It leaves no trace in the log.')) return;
    await teaching.drop();
    unsent.forget();
    await push(`/plan/${id}`);
  }
</script>

<main class="mx-auto max-w-3xl px-6 py-8">
  <h1 class="text-[28px]">{entry.title}: how it went</h1>
  <p class="mt-1 text-muted">
    {clock(entry.realMs)} taught, {clock(entry.plannedMs ?? 0)} planned. A few words are enough; leave out what
    you like.
  </p>
  <LogFields bind:entry={written} />
  {#if trouble}<p role="alert" class="mt-4 rounded-xl bg-sand px-4 py-2">{trouble}</p>{/if}
  <div class="mt-6 flex flex-wrap gap-3">
    <button class="press-deep" disabled={busy} onclick={keep}>Keep in the log</button>
    <button class="press" onclick={drop}>Forget this evening</button>
  </div>
  <details class="mt-6" open>
    <summary class="cursor-pointer font-bold">Line by line</summary>
    <LineTimes {entry} />
  </details>
</main>
