<script lang="ts">
  import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal';
  import { Popover } from 'bits-ui';
  import type { Section } from '../lib/api/client';
  import { clock } from '../lib/time';
  import BreathFields from './BreathFields.svelte';
  import TempoField from './TempoField.svelte';
  import { mergeSection, moveSection, removeSection } from '../document/edits';
  import type { PlanState } from '../plan/plan.svelte';

  interface Props {
    plan: PlanState;
    section: Section;
    fromMs: number;
    toMs: number;
    first: boolean;
    last: boolean;
  }

  const { plan, section, fromMs, toMs, first, last }: Props = $props();

  const id = $derived(section.id ?? '');
  const name = $derived(section.name || 'Section');
  const parts = ['arrive', 'warm', 'build', 'peak', 'soften', 'rest', 'close'] as const;

  function change(what: string, edit: (section: Section) => void) {
    plan.change(
      `${what} of ${name}`,
      (document) => {
        const found = document.sections.find((s) => s.id === id);
        if (found) edit(found);
      },
      `${what} ${id}`,
    );
  }
</script>

<header class="mt-2 mr-4 flex items-center gap-4 border-b-2 border-line">
  <h2 id="section-{id}" class="text-[19px]">{name}</h2>
  <span class="text-muted">{clock(fromMs)}</span>
  {#if section.breath}<span class="text-[13.5px] text-muted">breath of its own</span>{/if}
  <span class="ml-auto text-muted">{clock(toMs - fromMs)}</span>
  <Popover.Root>
    <Popover.Trigger class="tool print:hidden" aria-label="Change {name}" title="Name, part, breath, order">
      <SlidersHorizontal size={17} aria-hidden="true" />
    </Popover.Trigger>
    <Popover.Portal>
      <Popover.Content
        align="end"
        sideOffset={4}
        class="z-20 w-[23rem] rounded-2xl bg-raised p-4 text-[13.5px] text-muted shadow-lg ring-1 ring-line"
        aria-label="Section {name}"
      >
        <label
          >Name
          <input
            class="field"
            maxlength="200"
            value={section.name ?? ''}
            oninput={(e) => change('name', (s) => (s.name = e.currentTarget.value))}
          /></label
        >
        <label class="mt-3 block"
          >Part of the class
          <select
            class="field"
            value={section.part ?? 'build'}
            onchange={(e) => change('part', (s) => (s.part = e.currentTarget.value as Section['part']))}
          >
            {#each parts as part (part)}<option value={part}>{part}</option>{/each}
          </select></label
        >
        <div class="mt-3">
          <TempoField
            tempo={section.tempo}
            onchange={(tempo) =>
              change('tempo', (s) => {
                if (tempo === undefined) delete s.tempo;
                else s.tempo = tempo;
              })}
          />
        </div>
        <BreathFields
          breath={section.breath ?? null}
          onchange={(breath) => change('breath', (s) => (s.breath = breath))}
        />
        <div class="mt-3 flex flex-wrap gap-2 text-ink">
          <button
            class="press"
            disabled={first}
            onclick={() => plan.change(`move ${name}`, (d) => void moveSection(d, id, -1))}>Earlier</button
          >
          <button
            class="press"
            disabled={last}
            onclick={() => plan.change(`move ${name}`, (d) => void moveSection(d, id, 1))}>Later</button
          >
          <button
            class="press"
            disabled={first}
            onclick={() => plan.change(`join ${name} to the one before`, (d) => void mergeSection(d, id))}
            >Join to the one before</button
          >
          <button
            class="press"
            onclick={() => plan.change(`remove ${name}`, (d) => void removeSection(d, id))}
            >Remove with its lines</button
          >
        </div>
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
</header>
