<script lang="ts">
  import { onDestroy, tick } from 'svelte';
  import { catalogue } from '../lib/catalogue.svelte';
  import { choices, chosen } from '../lib/sides';
  import { mostOf, stepOf, type Unit } from '../document/doses';
  import type { PlanState } from '../plan/plan.svelte';
  import { acts, copied, cut, paste } from './acts';
  import { Dragging } from './drag.svelte';
  import { addSection, inSidedRounds, moveTo } from '../document/edits';
  import { clampSeconds, secondsOf, secondsStep } from './between';
  import { Following } from './following';
  import BetweenLine from './BetweenLine.svelte';
  import { idOf, leavesOf, linesOf, type Row, type SectionRows } from './rows';
  import ScoreRow from './ScoreRow.svelte';
  import SectionHead from './SectionHead.svelte';
  import SetBracket from './SetBracket.svelte';
  import SideMenu from './SideMenu.svelte';

  interface Props {
    plan: PlanState;
    sections: SectionRows[];
    onfind: () => void;
  }

  const { plan, sections, onfind }: Props = $props();

  let score: HTMLElement | undefined = $state();
  let menu = $state.raw<{ id: string; anchor: HTMLElement; inSidedSet: boolean } | null>(null);
  const lines = $derived(sections.flatMap((s) => linesOf(s.rows)));
  const order = $derived(sections.flatMap((s) => leavesOf(s.rows).map(idOf)));
  // Where the arrows stop: each line, talk and wait, and each section that has none yet.
  const stops = $derived(
    sections.flatMap((s) => (s.rows.length > 0 ? leavesOf(s.rows).map(idOf) : [s.section.id ?? ''])),
  );
  const following = new Following();
  onDestroy(following.stop);

  const dragging = new Dragging((id, { id: target, where }) => {
    const ids = plan.selection.has(id) ? plan.chosen : [id];
    plan.change('move by hand', (document) => void moveTo(document, ids, target, where));
  });
  $effect(() => dragging.watch());

  async function focus() {
    await tick();
    const button = document.querySelector<HTMLElement>(`[data-select="${CSS.escape(plan.selected ?? '')}"]`);
    button?.focus();
    button?.scrollIntoView({ block: 'nearest' });
  }

  /** To the line so many further on; extending takes what lies between into the selection. */
  function go(by: number, extending: boolean) {
    const among = extending ? order : stops;
    const at = among.indexOf(plan.selected ?? '');
    const id = among[Math.min(among.length - 1, Math.max(0, at + by))];
    if (id === undefined) return;
    if (extending) plan.selection.extendTo(id, order);
    else plan.selected = id;
    void focus();
  }

  function dose(by: number) {
    const between = sections
      .flatMap((s) => leavesOf(s.rows))
      .find((r) => r.kind === 'between' && r.id === plan.selected);
    if (between?.kind === 'between') {
      plan.setSeconds(between.id, clampSeconds(secondsOf(between) + by * secondsStep));
      return;
    }
    const row = lines.find((l) => l.line.id === plan.selected);
    if (!row?.score || row.line.locked) return;
    const alternating = catalogue.moves.get(row.line.move)?.sides === 'alternating';
    const unit = row.score.unit as Unit;
    const now = row.line[unit] ?? row.score.amount;
    const amount = Math.min(mostOf[unit], Math.max(1, now + by * stepOf(unit, alternating)));
    if (amount !== now) plan.setDose(row.line.id ?? '', unit, amount);
  }

  function nextSides() {
    const row = lines.find((l) => l.line.id === plan.selected);
    const move = row ? catalogue.moves.get(row.line.move) : undefined;
    if (!row || !move) return;
    const all = choices(move);
    const id = row.line.id ?? '';
    const follows = plan.document && move.sides !== 'circling' && inSidedRounds(plan.document, id);
    // In a set with sided rounds, following it is one of the choices.
    const words = [...(follows ? [undefined] : []), ...all.map((c) => c.word)];
    const leftFirst = plan.document?.conventions?.firstSide === 'left';
    const now = follows && !row.line.sides ? undefined : chosen(move, row.line.sides, leftFirst)?.word;
    if (all.length > 0) plan.setSides(id, words[(words.indexOf(now) + 1) % words.length]);
  }

  function key(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    // Where nothing has the focus, or what the score scrolls in, the keys are the score's.
    const here = score !== undefined && (score.contains(target) || target.contains(score));
    if (!here || target.closest('input, textarea, select') || event.ctrlKey || event.metaKey || menu) return;
    const pressed = (event.altKey ? 'Alt+' : '') + event.key;
    const act = acts.find((a) => a.key === pressed);
    const keys: Record<string, () => void> = {
      ArrowDown: () => go(1, event.shiftKey),
      ArrowUp: () => go(-1, event.shiftKey),
      Home: () => go(-stops.length, event.shiftKey),
      End: () => go(stops.length, event.shiftKey),
      Escape: () => plan.selection.one(plan.selected),
      '+': () => dose(1),
      '=': () => dose(1),
      '-': () => dose(-1),
      s: nextSides,
      '/': onfind,
    };
    const does = act ? () => (act.does(plan), void focus()) : event.altKey ? undefined : keys[event.key];
    if (!does) return;
    event.preventDefault();
    does();
  }

  /** The browser's own copy, cut and paste, where no text is being edited or marked. */
  function clipboard(event: ClipboardEvent) {
    const target = event.target as HTMLElement | null;
    const elsewhere = target?.closest('input, textarea, dialog') || !getSelection()?.isCollapsed;
    if (elsewhere || !event.clipboardData) return;
    if (event.type === 'paste') void paste(plan, event.clipboardData.getData('text/plain'));
    else {
      const text = event.type === 'cut' ? cut(plan) : copied(plan);
      if (text === null) return;
      event.clipboardData.setData('text/plain', text);
    }
    event.preventDefault();
    void focus();
  }
</script>

<svelte:window onkeydown={key} />
<svelte:document oncopy={clipboard} oncut={clipboard} onpaste={clipboard} />

{#snippet row(item: Row, inSidedSet: boolean)}
  {#if item.kind === 'set'}
    <SetBracket {plan} row={item} {dragging}>
      {#each item.rows as inner (idOf(inner))}
        {@render row(inner, inSidedSet || Array.isArray(item.rounds))}
      {/each}
    </SetBracket>
  {:else if item.kind === 'between'}
    <BetweenLine {plan} row={item} {following} {dragging} {order} />
  {:else}
    <ScoreRow
      {plan}
      row={item}
      {following}
      {inSidedSet}
      {dragging}
      {order}
      onsides={(id, anchor) => (menu = { id, anchor, inSidedSet })}
    />
  {/if}
{/snippet}

<div class="pb-16 max-md:pr-2" bind:this={score} role="group" aria-label="Score">
  {#each sections as { section, fromMs, toMs, rows }, i (section.id)}
    <section aria-labelledby="section-{section.id}" {@attach dragging.into(section.id ?? '')}>
      <SectionHead {plan} {section} {fromMs} {toMs} first={i === 0} last={i === sections.length - 1} />
      <div role="list" class:into={dragging.at(section.id ?? '', 'into')}>
        {#each rows as item (idOf(item))}{@render row(item, false)}{/each}
      </div>
      {#if rows.length === 0}
        <p class="py-3 text-muted">
          No lines yet.
          <button
            class="press ml-2"
            data-select={section.id}
            onfocus={() => (plan.selected = section.id ?? null)}
            onclick={() => {
              plan.selected = section.id ?? null;
              onfind();
            }}>Add a move to {section.name || 'it'}</button
          >
        </p>
      {/if}
    </section>
  {/each}
  <button
    class="press mt-5 ring-1 ring-line print:hidden"
    onclick={() => plan.change('add a section', (document) => void addSection(document))}
    >Add a section</button
  >
</div>

<SideMenu {plan} at={menu} onclose={() => (menu = null)} />

<style>
  .into {
    box-shadow: 0 3px 0 -1px var(--deep);
  }
</style>
