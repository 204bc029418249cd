<script lang="ts">
  import { onMount } from 'svelte';
  import { api, sentence, type ClassFile, type Version } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { clock, moment } from '../../lib/time';
  import type { PlanState } from '../../plan/plan.svelte';
  import ChangeList from '../../versions/ChangeList.svelte';
  import { changes, type Change } from '../../versions/changes';

  const { plan }: { plan: PlanState } = $props();

  /** The class as it is on the page, beside the numbers of its versions. */
  const now = 0;

  let versions = $state.raw<Version[] | null>(null);
  let trouble = $state('');
  let from = $state(now);
  let to = $state(now);
  let name = $state('');
  let difference = $state.raw<Change[] | null>(null);
  let documents: Record<number, ClassFile> = {};

  const params = $derived({ params: { path: { id: plan.id } } });
  const titles = $derived(
    new Map([
      [now, 'as it is now'],
      ...(versions ?? []).map((v) => [v.number, v.name || moment(v.savedAt)] as const),
    ]),
  );

  onMount(load);

  async function load() {
    trouble = '';
    try {
      const { data, error } = await api.GET('/api/classes/{id}/versions', { ...params, cache: 'no-store' });
      if (error) trouble = sentence(error);
      else versions = data ?? [];
      if (from === now && versions?.length) await compare(versions[1]?.number ?? versions[0]!.number, now);
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  async function documentOf(number: number): Promise<ClassFile> {
    if (number === now) return $state.snapshot(plan.document) as ClassFile;
    const known = documents[number];
    if (known) return known;
    const { data, error } = await api.GET('/api/classes/{id}/versions/{number}', {
      params: { path: { id: plan.id, number } },
    });
    if (error) throw error;
    const document = data as ClassFile;
    documents[number] = document;
    return document;
  }

  async function compare(one: number, other: number) {
    [from, to, difference] = [one, other, null];
    try {
      const [a, b] = await Promise.all([documentOf(one), documentOf(other)]);
      if (from === one && to === other) difference = changes(a, b, catalogue.moves);
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  async function restore(version: Version) {
    try {
      const document = await documentOf(version.number);
      plan.replace(`bring back ${titles.get(version.number)!}`, { ...document, id: plan.id });
      plan.say(`The class is as it was ${titles.get(version.number)!}. Undo takes it back.`);
      await compare(version.number, now);
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    try {
      await plan.saver.save();
      const { error } = await api.POST('/api/classes/{id}/versions', {
        ...params,
        body: { name: name.trim() },
      });
      if (error) trouble = sentence(error);
      else {
        name = '';
        documents = {};
        await load();
      }
    } catch (problem) {
      trouble = sentence(problem);
    }
  }
</script>

<div
  class="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-10 px-6 pb-16 max-md:grid-cols-1 max-md:px-3"
>
  <section aria-labelledby="versions">
    <h2 id="versions" class="text-[22px]">Versions of this class</h2>
    <p class="mt-1 max-w-prose text-muted">
      One is kept at the end of each sitting by itself. Give a name to one you want to find again.
    </p>
    <form class="mt-3 flex gap-2" onsubmit={keep}>
      <input
        class="field"
        placeholder="as taught in March"
        aria-label="Name for the class as it is now"
        maxlength="120"
        required
        bind:value={name}
      />
      <button class="press-deep shrink-0" disabled={!name.trim() || plan.offline}>Keep as it is now</button>
    </form>
    {#if trouble}
      <p role="alert" class="mt-3 flex items-center gap-4 rounded-xl bg-sand px-4 py-2">
        {trouble}<button class="press ml-auto" onclick={load}>Try again</button>
      </p>
    {/if}
    {#if versions?.length === 0}
      <p class="mt-4 text-muted">Nothing yet: the first change makes the first version.</p>
    {:else if versions}
      <ol class="mt-4">
        {#each versions as version (version.number)}
          <li class="flex min-h-14 flex-wrap items-center gap-x-4 border-t border-line py-1.5">
            <button
              class="min-h-10 grow text-left aria-pressed:font-bold"
              aria-pressed={version.number === from && to === now}
              onclick={() => compare(version.number, now)}
            >
              {titles.get(version.number)}
              <span class="block text-[13.5px] font-normal text-muted"
                >{version.name ? `${moment(version.savedAt)} · ` : ''}{clock(version.totalMs)}</span
              >
            </button>
            <button class="press" onclick={() => restore(version)}>Bring back</button>
          </li>
        {/each}
      </ol>
    {:else if !trouble}<p class="mt-4 text-muted" role="status">Looking them up</p>{/if}
  </section>
  {#if versions && versions.length > 0}
    <section aria-labelledby="difference">
      <h2 id="difference" class="text-[22px]">What is different</h2>
      <div class="mt-3 mb-4 flex flex-wrap items-center gap-2 text-muted">
        {#each [['From', from], ['to', to]] as const as [word, chosen] (word)}
          <label class="flex items-center gap-2"
            >{word}
            <select
              class="field w-56"
              value={chosen}
              onchange={(e) => {
                const number = Number(e.currentTarget.value);
                void (word === 'From' ? compare(number, to) : compare(from, number));
              }}
            >
              {#each titles as [number, title] (number)}<option value={number}>{title}</option>{/each}
            </select></label
          >
        {/each}
      </div>
      {#if difference}<ChangeList changes={difference} none="Nothing: they are the same." atMost={30} />
      {:else}<p class="text-muted" role="status">Comparing</p>{/if}
    </section>
  {/if}
</div>
