<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { tick } from 'svelte';
  import { api, sentence, type Move } from '../lib/api/client';
  import { day } from '../lib/time';
  import { catalogue } from '../lib/catalogue.svelte';
  import Figure from '../figures/Figure.svelte';
  import { figureKey, figures } from '../figures/figures.svelte';
  import { anything } from '../moves/find';
  import { foundBy, MoveSearch } from '../moves/search.svelte';
  import { doseOf, families } from '../moves/words';
  import { acts, add } from '../score/acts';
  import { lineToFollow } from '../document/edits';
  import type { PlanState } from '../plan/plan.svelte';

  const { plan, onclose }: { plan: PlanState; onclose: () => void } = $props();

  interface Offer {
    move: Move;
    position?: string;
    because: string;
  }

  const atOnce = 24;
  let text = $state('');
  let family = $state('');
  let need = $state('');
  let where = $state<'after' | 'before' | 'replace'>('after');
  let offers = $state.raw<Offer[] | null>(null);
  let trouble = $state('');
  let chosen = $state(0);

  const search = new MoveSearch(() => ({ ...anything, text, family }));
  const called = (move: Move) =>
    [foundBy(move), doseOf(move), lastTaught[move.id] ? `last taught ${day(lastTaught[move.id]!)}` : '']
      .filter(Boolean)
      .join(' · ');
  let lastTaught = $state.raw<Record<string, string>>({});
  void api.GET('/api/log/moves').then(
    ({ data }) => (lastTaught = data ?? {}),
    () => undefined,
  );
  const found = $derived<Offer[]>(
    offers ??
      search.found
        .slice(0, atOnce)
        .map((move) => ({ move, position: move.foundIn ?? undefined, because: called(move) })),
  );
  const selectedName = $derived(
    catalogue.moves.get(plan.line(plan.selected ?? '')?.move ?? '')?.name ??
      plan.document?.sections.find((s) => s.id === plan.selected)?.name,
  );

  // What is asked for follows a line, also where a section is selected or the selected line has gone.
  const follows = $derived(plan.document ? lineToFollow(plan.document, plan.selected) : undefined);

  async function ask(word: string) {
    need = need === word ? '' : word;
    [offers, trouble, chosen] = [null, '', 0];
    const given = $state.snapshot(plan.document);
    if (!need || !follows || !given) return;
    try {
      const { data, error } = await api.POST('/api/insertions', {
        body: { class: given, after: follows, need },
      });
      if (error) trouble = sentence(error);
      else
        offers = (data ?? []).flatMap((i) => {
          const move = catalogue.moves.get(i.move);
          return move ? [{ move, position: i.position, because: i.because }] : [];
        });
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  let field: HTMLInputElement;

  async function put(offer: Offer | undefined) {
    if (!offer) return;
    add(plan, offer.move, where, offer.position);
    // The next word takes the place of this one.
    field.select();
    await tick();
    document
      .querySelector(`[data-line="${CSS.escape(plan.selected ?? '')}"]`)
      ?.scrollIntoView({ block: 'nearest' });
  }

  function key(event: KeyboardEvent) {
    if (event.key === 'Escape') onclose();
    else if (event.key === 'Enter') void put(found[chosen]);
    else if (event.key === 'ArrowDown') chosen = Math.min(found.length - 1, chosen + 1);
    else if (event.key === 'ArrowUp') chosen = Math.max(0, chosen - 1);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  const focus = (node: HTMLInputElement) => node.focus();
</script>

<section aria-label="Find a move" class="pb-6">
  <div class="flex items-center gap-2">
    <h2 class="mr-auto text-[19px]">Add a move</h2>
    <button class="press" aria-label="Close the finder" onclick={onclose}
      ><X size={18} aria-hidden="true" /></button
    >
  </div>
  <input
    bind:this={field}
    {@attach focus}
    class="field mt-2"
    type="search"
    placeholder="A name, an area, “at a desk”"
    aria-label="Find a move to add"
    aria-controls="offers"
    aria-activedescendant={found[chosen] ? `offer-${found[chosen]?.move.id}` : undefined}
    role="combobox"
    aria-expanded="true"
    bind:value={text}
    oninput={() => ([offers, need, chosen] = [null, '', 0])}
    onkeydown={key}
  />
  <div class="mt-2 flex flex-wrap gap-2 text-[14px]">
    {#each [['counter', 'Counter'], ['preparation', 'Preparation'], ['theme', 'On the theme'], ['rest', 'Rest']] as const as [word, name] (word)}
      <button
        class="press"
        aria-pressed={need === word}
        disabled={!follows || plan.offline}
        onclick={() => ask(word)}>{name}</button
      >
    {/each}
    <select class="field w-auto" aria-label="Family" bind:value={family}>
      <option value="">any family</option>
      {#each families as [id, name] (id)}<option value={id}>{name}</option>{/each}
    </select>
    <select class="field w-auto max-w-44 truncate" aria-label="Where" bind:value={where}>
      <option value="after">after {selectedName ?? 'the last'}</option>
      {#if plan.selected}
        <option value="before">before it</option>
        <option value="replace">in its place</option>
      {/if}
    </select>
  </div>
  <div class="mt-2 flex flex-wrap gap-2 text-[14px]" role="group" aria-label="Without a move">
    {#each acts.filter((a) => a.anywhere) as act (act.id)}
      <button class="press" title="{act.name} ({act.key})" onclick={() => act.does(plan)}>{act.name}</button>
    {/each}
  </div>
  {#if trouble}<p role="alert" class="mt-2">{trouble}</p>{/if}
  <ul id="offers" role="listbox" aria-label="Moves" class="mt-3">
    {#each found as offer, i (offer.move.id)}
      <!-- Reached with the arrows from the search box. -->
      <!-- svelte-ignore a11y_click_events_have_key_events -->
      <li
        id="offer-{offer.move.id}"
        role="option"
        aria-selected={i === chosen}
        class="flex min-h-14 cursor-pointer items-center gap-3 rounded-xl px-2 hover:bg-band aria-selected:bg-sand"
        onclick={() => void put(offer)}
      >
        <span aria-hidden="true"
          ><Figure
            figure={figures.of(
              figureKey(offer.move.id, offer.position ?? offer.move.positions[0] ?? '', 'base'),
            )}
            label=""
            width={62}
            height={48}
          /></span
        >
        <span class="min-w-0">
          <b class="block leading-tight">{offer.move.name}</b>
          <span class="block text-[13.5px] leading-tight text-muted">{offer.because}</span>
        </span>
      </li>
    {/each}
  </ul>
  {#if found.length === 0}<p class="text-muted">Nothing fits. Try less of the word, or another need.</p>{/if}
</section>

<style>
  button[aria-pressed='true'] {
    background: var(--deep);
    color: var(--on-deep);
  }
</style>
