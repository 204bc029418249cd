<script lang="ts">
  import { tick } from 'svelte';
  import { catalogue } from '../lib/catalogue.svelte';
  import { choices, chosen } from '../lib/sides';
  import { clock } from '../lib/time';
  import type { PlanState, Unit } from './plan.svelte';
  import { acts } from './acts';
  import { linesOf, type Row, type SectionRows } from './rows';
  import ScoreLine from './ScoreLine.svelte';
  import SetBracket from './SetBracket.svelte';
  import SideMenu from './SideMenu.svelte';
  import WayStep from './WayStep.svelte';

  interface Props {
    plan: PlanState;
    sections: SectionRows[];
    onfind: () => void;
  }

  const { plan, sections, onfind }: Props = $props();

  let menu = $state.raw<{ id: string; anchor: HTMLElement } | null>(null);
  const lines = $derived(sections.flatMap((s) => linesOf(s.rows)));
  const rollTo = $derived(plan.document?.conventions?.rollTo === 'left' ? 'left' : 'right');

  async function select(id: string | undefined) {
    if (!id) return;
    plan.selected = id;
    await tick();
    const button = document.querySelector<HTMLElement>(`[data-select="${CSS.escape(id)}"]`);
    button?.focus();
    button?.scrollIntoView({ block: 'nearest' });
  }

  function dose(by: number) {
    const row = lines.find((l) => l.line.id === plan.selected);
    if (!row?.score || row.line.locked) return;
    const alternating = catalogue.moves.get(row.line.move)?.sides === 'alternating';
    const unit = row.score.unit as Unit;
    const step = (unit === 'seconds' ? 15 : unit === 'beats' ? 4 : 1) * (alternating ? 2 : 1);
    const amount = (row.line[unit] ?? row.score.amount) + by * step;
    if (amount >= 1) plan.setDose(row.line.id ?? '', unit, amount);
  }

  function nextSides() {
    const row = lines.find((l) => l.line.id === plan.selected);
    const move = row ? catalogue.moves.get(row.line.move) : undefined;
    if (!row || !move) return;
    const all = choices(move);
    const now = chosen(move, row.line.sides, plan.document?.conventions?.firstSide === 'left');
    const next = all[(all.findIndex((c) => c.word === now?.word) + 1) % all.length];
    if (next) plan.setSides(row.line.id ?? '', next.word);
  }

  /** Acts move the selection or the line; the focus goes with it. */
  async function act(does: (plan: PlanState, id: string) => void) {
    if (!plan.selected) return;
    does(plan, plan.selected);
    await tick();
    await select(plan.selected);
  }

  function key(event: KeyboardEvent) {
    const typing = event.target instanceof HTMLInputElement;
    if (typing || event.ctrlKey || event.metaKey || menu) return;
    const pressed = (event.altKey ? 'Alt+' : '') + event.key;
    const found = acts.find((a) => a.key === pressed);
    if (found) {
      event.preventDefault();
      void act(found.does);
      return;
    }
    if (event.altKey) return;
    const at = lines.findIndex((l) => l.line.id === plan.selected);
    const keys: Record<string, () => void> = {
      ArrowDown: () => void select(lines[Math.min(lines.length - 1, at + 1)]?.line.id),
      ArrowUp: () => void select(lines[Math.max(0, at - 1)]?.line.id),
      '+': () => dose(1),
      '=': () => dose(1),
      '-': () => dose(-1),
      s: nextSides,
      '/': onfind,
    };
    const does = keys[event.key];
    if (!does) return;
    event.preventDefault();
    does();
  }
</script>

{#snippet row(item: Row, inSidedSet: boolean)}
  {#if item.kind === 'set'}
    <SetBracket row={item}>
      {#each item.rows as inner (inner.kind === 'set' ? inner.id : inner.line.id)}
        {@render row(inner, inSidedSet || Array.isArray(item.rounds))}
      {/each}
    </SetBracket>
  {:else}
    {#each item.score?.ways ?? [] as way (way.atMs)}<WayStep {way} {rollTo} />{/each}
    <ScoreLine {plan} row={item} {inSidedSet} onsides={(id, anchor) => (menu = { id, anchor })} />
  {/if}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div class="pb-16" onkeydown={key} role="group" aria-label="Score">
  {#each sections as { section, fromMs, toMs, rows } (section.id)}
    <section aria-labelledby="section-{section.id}">
      <header class="mt-3 mr-4 flex items-baseline gap-4 border-b-2 border-line pb-1">
        <h2 id="section-{section.id}" class="text-[19px]">{section.name}</h2>
        <span class="text-muted">{clock(fromMs)}</span>
        <span class="ml-auto text-muted">{clock(toMs - fromMs)}</span>
      </header>
      <div role="list">
        {#each rows as item (item.kind === 'set' ? item.id : item.line.id)}{@render row(item, false)}{/each}
      </div>
      {#if rows.length === 0}
        <p class="py-3 text-muted">
          No lines yet.
          <button
            class="press ml-2"
            onclick={() => {
              plan.selected = section.id ?? null;
              onfind();
            }}>Add a move to {section.name || 'it'}</button
          >
        </p>
      {/if}
    </section>
  {/each}
</div>

<SideMenu {plan} at={menu} onclose={() => (menu = null)} />
