<script lang="ts">
  import type { Line } from '../lib/api/client';
  import { catalogue } from '../lib/catalogue.svelte';
  import BreathFields from './BreathFields.svelte';
  import BetweenDetails from './BetweenDetails.svelte';
  import PauseField from './PauseField.svelte';
  import TempoField from './TempoField.svelte';
  import { betweenOf, chainOf, inSidedRounds, lineOf, wrap } from '../document/edits';
  import type { PlanState } from '../plan/plan.svelte';

  const { plan }: { plan: PlanState } = $props();

  const id = $derived(plan.selected ?? '');
  const line = $derived(plan.line(id));
  const move = $derived(catalogue.moves.get(line?.move ?? ''));
  const here = $derived(plan.score?.lines.find((l) => l.id === id)?.position);
  const sided = $derived(move !== undefined && move.sides !== 'none' && move.sides !== 'alternating');

  function set<K extends keyof Line>(field: K, value: Line[K] | undefined, name: string) {
    plan.change(
      `${name} of ${move?.name ?? 'line'}`,
      (document) => {
        const edited = lineOf(document, id);
        if (!edited) return;
        if (value === undefined || value === '') delete edited[field];
        else edited[field] = value;
      },
      `${String(field)} ${id}`,
    );
  }

  function say(phase: number, text: string) {
    const words = { ...line?.say };
    if (text) words[String(phase)] = text;
    else delete words[String(phase)];
    set('say', words, 'words');
  }

  // As the class file has it.
  const mostPerEnd = 10;

  const between = $derived(plan.document ? betweenOf(plan.document, id) : undefined);
  // Coming back to the first side, nobody is in the shape any more: both sides of it are rounds of a set.
  const chain = $derived(
    line?.goesOn && (sided || move?.sides === 'alternating') && plan.document && takesBoth()
      ? chainOf(plan.document, id)
      : [],
  );

  function takesBoth(): boolean {
    if (!plan.document || inSidedRounds(plan.document, id)) return false;
    return !line?.sides || line.sides.includes('-') || line.sides === 'alternate';
  }

  function asSet() {
    plan.change('make them a set', (document) => {
      const left = document.conventions?.firstSide === 'left';
      wrap(document, chain, left ? ['left', 'right'] : ['right', 'left']);
    });
  }
</script>

{#if between}<BetweenDetails {plan} item={between} />{/if}
{#if line && move}
  <details class="mb-5" open={false}>
    <summary class="min-h-10 cursor-pointer py-2 text-[17px] font-semibold">This line: {move.name}</summary>
    <div class="mt-1 grid grid-cols-2 gap-3 text-[13.5px] text-muted">
      <label
        >Option
        <select
          class="field"
          value={line.option ?? 'base'}
          onchange={(e) => set('option', e.currentTarget.value, 'option')}
        >
          <option value="base">as it is</option>
          {#each move.options as option (option)}<option value={option}>{option}</option>{/each}
        </select></label
      >
      <label
        >Position
        <select
          class="field"
          value={line.position ?? ''}
          onchange={(e) => set('position', e.currentTarget.value, 'position')}
        >
          <option value=""
            >the nearest{here ? ` (${catalogue.positions.get(here)?.name.toLowerCase()})` : ''}</option
          >
          {#each move.positions as p (p)}<option value={p}>{catalogue.positions.get(p)?.name ?? p}</option
            >{/each}
        </select></label
      >
      {#if sided}
        <PauseField
          label="Pause between sides"
          pause={line.pauseBetween}
          onchange={(pause) => set('pauseBetween', pause, 'pause')}
        />
      {/if}
      <PauseField
        label="Pause after"
        pause={line.pauseAfter}
        onchange={(pause) => set('pauseAfter', pause, 'pause')}
      />
      {#if move.kind === 'flow'}
        <label
          >Breaths at each end
          <input
            class="field"
            type="number"
            min="0"
            max={mostPerEnd}
            title="How many breaths are stayed at each end of a round; 0 where the breath leads on at once"
            value={line.perEnd ?? 0}
            onchange={(e) =>
              set(
                'perEnd',
                Math.min(mostPerEnd, Math.round(e.currentTarget.valueAsNumber)) || undefined,
                'breaths at each end',
              )}
          /></label
        >
      {/if}
      <label
        >Eyes
        <select
          class="field"
          value={line.eyes ?? ''}
          onchange={(e) => set('eyes', e.currentTarget.value as Line['eyes'], 'eyes')}
        >
          <option value="">as the move has them</option>
          <option value="open">open from here</option>
          <option value="shut">shut from here</option>
        </select></label
      >
      <label class="col-span-full flex min-h-9 items-center gap-2"
        ><input
          type="checkbox"
          checked={line.goesOn ?? false}
          onchange={(e) => set('goesOn', e.currentTarget.checked || undefined, 'going on')}
        />
        Goes on from the shape of the line before</label
      >
      {#if chain.length > 1}
        <p class="col-span-full" role="status">
          It takes both sides, so it cannot go on from one.
          <button class="press ring-1 ring-line" onclick={asSet}
            >Make {chain.length} lines a set, one side and then the other</button
          >
        </p>
      {/if}
      <TempoField tempo={line.tempo} onchange={(tempo) => set('tempo', tempo, 'tempo')} />
      <div class="col-span-full">
        <BreathFields
          breath={line.breath ?? null}
          onchange={(breath) => set('breath', breath ?? undefined, 'breath')}
        />
      </div>
      <label class="col-span-full"
        >Note to yourself
        <textarea
          class="field"
          rows="2"
          maxlength="2000"
          value={line.note ?? ''}
          oninput={(e) => set('note', e.currentTarget.value, 'note')}></textarea></label
      >
      <label class="col-span-full"
        >Talk-in of your own; empty takes the catalogue's
        <textarea
          class="field"
          rows="2"
          placeholder="Sides as {'{right}'} and {'{left}'}"
          maxlength="2000"
          value={line.talk ?? ''}
          oninput={(e) => set('talk', e.currentTarget.value, 'talk')}></textarea></label
      >
      {#each move.phases as phase, i (i)}
        <label class="col-span-full"
          >Own words, {phase.breath.replace('-', ' ')}
          <input
            class="field"
            placeholder={phase.cue}
            maxlength="600"
            value={line.say?.[String(i + 1)] ?? ''}
            oninput={(e) => say(i + 1, e.currentTarget.value)}
          /></label
        >
      {/each}
    </div>
  </details>
{/if}
