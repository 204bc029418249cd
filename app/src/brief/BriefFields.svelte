<script lang="ts">
  import { plain } from '../lib/words';
  import BreathFields from '../score/BreathFields.svelte';
  import TempoField from '../score/TempoField.svelte';
  import BodyFace from '../bodymap/BodyFace.svelte';
  import type { Area, ClassFile } from '../lib/api/client';
  import EveningFields from './EveningFields.svelte';
  import PlaceFields from './PlaceFields.svelte';
  import { has, toggled } from './lists';

  interface Props {
    document: ClassFile;
    onchange: (edit: (document: ClassFile) => void) => void;
  }

  const { document, onchange }: Props = $props();

  const areas: Area[] = [
    'jaw',
    'neck',
    'shoulders',
    'upper-back',
    'chest',
    'arms',
    'wrists-hands',
    'side-body',
    'mid-back',
    'low-back',
    'hip-front',
    'outer-hip',
    'inner-thigh',
    'hamstrings',
    'thighs',
    'calves',
    'feet',
    'breath',
  ];

  const theme = $derived(document.theme?.areas ?? []);

  function toggleArea(word: string) {
    const area = areas.find((a) => a === word);
    if (area) onchange((d) => (d.theme = { ...d.theme, areas: toggled(d.theme?.areas, area) }));
  }
  const tagsIn = (text: string) =>
    [...new Set(text.split(',').map((t) => t.trim().slice(0, 60)))].filter(Boolean);
  // What is typed stays as it is typed; a comma at its end begins a tag that is none yet.
  let typed = $state<string | null>(null);
  const tagText = $derived(
    typed !== null && tagsIn(typed).join() === (document.tags ?? []).join()
      ? typed
      : (document.tags?.join(', ') ?? ''),
  );
  function setTags(text: string) {
    typed = text;
    onchange((d) => (d.tags = tagsIn(text)));
  }

  function setCount(seconds: number) {
    if (seconds >= 0.2 && seconds <= 5)
      onchange((d) => (d.breath = { ...d.breath, secondsPerCount: seconds }));
  }

  function setMinutes(value: number) {
    if (value >= 1 && value <= 600) onchange((d) => (d.minutes = value));
  }
</script>

<div class="grid grid-cols-[minmax(0,1fr)_auto] gap-10 max-lg:grid-cols-1">
  <div class="space-y-5">
    <div class="flex flex-wrap gap-4">
      <label class="grow text-[13.5px] text-muted"
        >What it is called
        <input
          class="field"
          maxlength="200"
          value={document.title}
          oninput={(e) => onchange((d) => (d.title = e.currentTarget.value))}
        /></label
      >
      <label class="text-[13.5px] text-muted"
        >Minutes
        <input
          class="field w-24"
          type="number"
          min="1"
          max="600"
          value={document.minutes}
          oninput={(e) => setMinutes(e.currentTarget.valueAsNumber)}
        /></label
      >
      <label class="text-[13.5px] text-muted"
        >Ends
        <select
          class="field"
          value={document.endsIn ?? 'awake'}
          onchange={(e) => onchange((d) => (d.endsIn = e.currentTarget.value as ClassFile['endsIn']))}
        >
          <option value="awake">awake</option><option value="asleep">perhaps asleep</option>
        </select></label
      >
    </div>
    <label class="block text-[13.5px] text-muted"
      >The thread it comes back to
      <input
        class="field"
        maxlength="500"
        placeholder="let the tide carry the weight"
        value={document.theme?.intention ?? ''}
        oninput={(e) => onchange((d) => (d.theme = { ...d.theme, intention: e.currentTarget.value }))}
      /></label
    >
    <label class="block text-[13.5px] text-muted"
      >Tags, with commas between
      <input
        class="field"
        maxlength="300"
        placeholder="dawn, net makers"
        value={tagText}
        oninput={(e) => setTags(e.currentTarget.value)}
      /></label
    >
    <fieldset>
      <legend class="mb-1 font-bold">What it is about</legend>
      <div class="flex flex-wrap gap-2">
        {#each areas as area (area)}
          <button
            type="button"
            class="press capitalize"
            aria-pressed={has(theme, area)}
            onclick={() => toggleArea(area)}>{plain(area)}</button
          >
        {/each}
      </div>
    </fieldset>
    <EveningFields {document} {onchange} />
    <PlaceFields {document} {onchange} />
    <details class="text-[13.5px] text-muted">
      <summary class="min-h-10 cursor-pointer text-[16px] font-bold text-ink"
        >The breath of this class</summary
      >
      <label class="mt-2 block w-48"
        >Seconds per count
        <input
          class="field"
          type="number"
          min="0.2"
          max="5"
          step="0.1"
          value={document.breath?.secondsPerCount ?? 1}
          onchange={(e) => setCount(e.currentTarget.valueAsNumber)}
        /></label
      >
      <div class="mt-3">
        <TempoField
          tempo={document.tempo}
          onchange={(tempo) =>
            onchange((d) => {
              if (tempo === undefined) delete d.tempo;
              else d.tempo = tempo;
            })}
        />
      </div>
      <BreathFields
        breath={document.breath ?? null}
        usual="as usual"
        onchange={(breath) => onchange((d) => (d.breath = breath))}
      />
    </details>
  </div>
  <div class="flex gap-2 max-lg:hidden">
    {#each ['front', 'back'] as const as face (face)}
      <BodyFace
        {face}
        areas={theme.map((area) => ({ area, ms: 300_000, rightMs: 300_000, leftMs: 300_000 }))}
        {theme}
        chosen={null}
        onchoose={toggleArea}
      />
    {/each}
  </div>
</div>

<style>
  button[aria-pressed='true'] {
    background: var(--deep);
    color: var(--on-deep);
  }
</style>
