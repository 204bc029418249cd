<script module lang="ts">
  // The first screen is drawn before the rest of three hundred cards; whoever comes back finds all of them there.
  const firstCards = 30;
  let cardsAtFirst = firstCards;
</script>

<script lang="ts">
  import type { Move } from '../../lib/api/client';
  import { plain } from '../../lib/words';
  import { onDestroy, onMount } from 'svelte';
  import { replace, router } from 'svelte-spa-router';
  import { SvelteSet, SvelteURLSearchParams } from 'svelte/reactivity';
  import CardFigure from '../../figures/CardFigure.svelte';
  import { figureKey, figures } from '../../figures/figures.svelte';
  import { frames } from '../../figures/frames.svelte';
  import { playing } from '../../figures/playing.svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import Header from '../../lib/Header.svelte';
  import { whenNear } from '../../lib/near';
  import SearchField from '../../lib/SearchField.svelte';
  import { anything, type Wanted } from '../../moves/find';
  import NameKinds from '../../moves/NameKinds.svelte';
  import SignKey from '../../moves/SignKey.svelte';
  import { foundBy, MoveSearch } from '../../moves/search.svelte';
  import { doseOf } from '../../moves/words';
  import Filters from './Filters.svelte';
  import ToMend from './ToMend.svelte';

  // What is asked for stays in the address, so that going back from a move finds it again.
  function asked(): Wanted {
    const query = new URLSearchParams(router.querystring ?? '');
    const wanted: Wanted = { ...anything };
    for (const key of Object.keys(anything) as (keyof Wanted)[]) {
      const value = query.get(key);
      if (value !== null) wanted[key] = value;
    }
    return wanted;
  }

  let wanted = $state(asked());
  const search = new MoveSearch(() => wanted);
  const found = $derived(search.found);
  const narrowed = $derived(
    Object.keys(anything).some((key) => wanted[key as keyof Wanted] !== anything[key as keyof Wanted]),
  );

  const moreCards = 75;
  let drawn = $state(cardsAtFirst);
  onDestroy(() => (cardsAtFirst = Math.max(firstCards, drawn)));
  $effect(() => {
    if (found.length <= drawn) return;
    const first = found[0]!;
    const next = setTimeout(
      () => (drawn += moreCards),
      figures.of(figureKey(first.id, seenIn(first), 'base')) ? 0 : 500,
    );
    return () => clearTimeout(next);
  });

  // The pictures are on their way while the first cards are still being drawn.
  $effect.pre(() => figures.ahead(found.map((move) => figureKey(move.id, seenIn(move), 'base'))));

  // Pictures that nobody sees yet are drawn when they come near: all at once take longer than the rest of the page.
  const near = new SvelteSet<string>();

  /** A move is shown as it was asked for: in that position, or in one of that family. */
  function seenIn(move: Move): string {
    if (move.positions.includes(wanted.position)) return wanted.position;
    const inFamily = move.positions.find((p) => catalogue.positions.get(p)?.family === wanted.family);
    return inFamily ?? move.foundIn ?? move.positions[0]!;
  }

  onMount(() => void catalogue.load());

  $effect(() => {
    const query = new SvelteURLSearchParams();
    for (const [key, value] of Object.entries(wanted)) if (value) query.set(key, value);
    void replace(`/moves${query.size ? `?${query}` : ''}`);
  });

  const play = (move: Move) => {
    const taken = [move.id, seenIn(move), 'base', 'right'] as const;
    void playing.start(move.id, () => frames.load(...taken).then(() => frames.of(...taken)));
  };
  const rest = () => playing.stop();
  onDestroy(rest);
</script>

<svelte:head><title>Moves · Ample Tide</title></svelte:head>
<Header here="moves" />

<main class="px-8 pb-16 max-md:px-4">
  <div class="flex flex-wrap items-end gap-x-4 gap-y-3 max-md:grid max-md:grid-cols-2">
    <div class="col-span-full flex w-full flex-wrap items-center gap-4">
      <h1 class="text-[32px]">Moves</h1>
      <span class="ml-auto"></span>
      <NameKinds />
      <a class="press inline-flex items-center" href="#/write">Write your own</a>
    </div>
    <div class="w-full max-w-sm max-md:col-span-full">
      <SearchField
        placeholder="A name, an area, “before sleep”"
        label="Find a move by name, area, occasion or position"
        bind:value={wanted.text}
      />
    </div>
    <Filters bind:wanted />
  </div>

  <ToMend />
  {#if catalogue.trouble}
    <p role="alert" class="mt-5 flex items-center gap-4 rounded-xl bg-sand px-4 py-3">
      {catalogue.trouble}<button class="press ml-auto ring-1 ring-line" onclick={() => catalogue.load()}
        >Try again</button
      >
    </p>
  {:else if catalogue.moves.size === 0}
    <p class="mt-6 text-muted" role="status">Opening the catalogue</p>
  {:else}
    <div class="mt-5 flex flex-wrap items-start gap-x-8">
      <p class="flex min-h-10 items-center gap-3 text-muted" role="status">
        {found.length} of {catalogue.moves.size} moves
        {#if narrowed}<button class="press" onclick={() => (wanted = { ...anything })}>Show all</button>{/if}
      </p>
      <div class="grow basis-80"><SignKey /></div>
    </div>
    {#if found.length === 0}
      <p class="mt-6 max-w-prose">Nothing fits all of that. Take a filter away, or write less of the word.</p>
    {/if}
    <ul class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(min(212px,calc(50%-10px)),1fr))] gap-x-5 gap-y-6">
      {#each found.slice(0, drawn) as move (move.id)}
        <li class="move" {@attach whenNear(() => near.add(move.id))}>
          <a
            href="#/moves/{move.id}"
            class="block rounded-2xl p-2 hover:bg-band"
            onpointerenter={() => play(move)}
            onpointerleave={rest}
            onfocus={() => play(move)}
            onblur={rest}
          >
            <CardFigure
              move={move.id}
              position={seenIn(move)}
              width={212}
              height={160}
              empty={!near.has(move.id)}
            />
            <h2 class="mt-1 font-sans text-[16px] leading-snug font-bold">{move.name}</h2>
            <p class="text-[13.5px] text-muted">
              {foundBy(move) || move.areas.slice(0, 2).map(plain).join(', ') || plain(move.kind)} · {doseOf(
                move,
              ).replace(/ \(.*/, '')}{move.own ? ' · yours' : ''}
            </p>
          </a>
        </li>
      {/each}
    </ul>
  {/if}
</main>

<style>
  .move {
    content-visibility: auto;
    contain-intrinsic-size: 212px 240px;
  }
  /* A picture is as wide as its card: the larger, the sooner it is known. On a phone two stand beside each other. */
  .move :global(svg) {
    width: 100%;
    height: auto;
  }
</style>
