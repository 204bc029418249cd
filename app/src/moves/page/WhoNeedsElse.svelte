<script lang="ts">
  import type { MoveDetail } from '../../lib/api/client';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { advised, source, standIn, wayOut, type Names } from '../../people/swaps';

  interface Props {
    conditions: MoveDetail['conditions'];
    milder: MoveDetail['milder'];
    /** Whether nobody who knows has looked at it. */
    computedOnly: boolean;
    position: string;
  }

  const { conditions, milder, computedOnly, position }: Props = $props();

  const names = $derived<Names>(catalogue);
  const kinds = ['leave-out', 'another-way', 'smaller'] as const;
  const groups = $derived(
    kinds
      .map((kind) => ({ kind, all: conditions.filter((c) => c.advice === kind) }))
      .filter((g) => g.all.length > 0),
  );
  const told = (c: MoveDetail['conditions'][number]) =>
    c.advice === 'another-way' && c.to
      ? [wayOut(c.to, names, position), c.how].filter(Boolean).join('; ')
      : c.advice === 'smaller'
        ? c.how
        : c.instead[0]
          ? `${standIn(c.instead[0], names, position)} instead`
          : `they ${c.meanwhile ?? 'rest'}`;
</script>

<h2 class="mt-7 text-[20px]">Who needs something else</h2>
<p class="mt-1 text-[13.5px] text-muted">
  {computedOnly
    ? 'Computed only, from its shapes: nobody who knows has looked at it. '
    : 'Common practice. '}What a clinician says to somebody comes first.
</p>
{#if groups.length === 0}
  <p class="mt-2">Nothing speaks against it here, as far as is known.</p>
{/if}
{#each groups as group (group.kind)}
  <h3 class="mt-3 font-sans text-[15px] font-bold first-letter:uppercase">{advised[group.kind]}</h3>
  <ul class="mt-1 space-y-1.5">
    {#each group.all as c (c.id)}
      <li>
        <details>
          <summary class="cursor-pointer"><b>{c.name}</b>: {told(c)}</summary>
          <div class="mt-1 space-y-1 pl-4 text-[14.5px] text-muted">
            <p>
              Because {c.because}; {source[c.from]}.{c.here !== 'fine' && c.movement === 'fine'
                ? ' It is the position, not the movement.'
                : ''}
            </p>
            {#if c.instead.length > 1}
              <p>
                Or
                {#each c.instead.slice(1) as other, i (other.move)}{i > 0 ? ', or ' : ''}<a
                    class="underline underline-offset-4"
                    href="#/moves/{other.move}">{standIn(other, names, position)}</a
                  >{/each}.
              </p>
            {/if}
            <p>Offer: {c.offer}.</p>
            {#if c.dose}<p>How much: {c.dose}.</p>{/if}
          </div>
        </details>
      </li>
    {/each}
  </ul>
{/each}
{#if milder.length > 0}
  <h3 class="mt-3 font-sans text-[15px] font-bold">Judged more mildly than its shapes</h3>
  <ul class="mt-1 list-disc pl-5 text-[14.5px] text-muted">
    {#each milder as m (m.what)}<li>{m.what}: {m.because}</li>{/each}
  </ul>
{/if}
