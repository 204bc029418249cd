<script lang="ts">
  import type { ClassFile } from '../lib/api/client';
  import { eveningOf, setEvening } from './evening';

  interface Props {
    document: ClassFile;
    onchange: (edit: (document: ClassFile) => void) => void;
  }
  const { document, onchange }: Props = $props();

  const evening = $derived(eveningOf(document));
  const zones = Intl.supportedValuesOf('timeZone');
</script>

<fieldset class="flex flex-wrap gap-4">
  <legend class="mb-1 font-bold">When it is taught</legend>
  <label class="text-[13.5px] text-muted"
    >Day
    <input
      class="field w-44"
      type="date"
      value={evening.date}
      onchange={(e) => onchange((d) => setEvening(d, { date: e.currentTarget.value }))}
    /></label
  >
  <label class="text-[13.5px] text-muted"
    >From
    <input
      class="field w-32"
      type="time"
      disabled={!evening.date}
      value={evening.start}
      onchange={(e) => onchange((d) => setEvening(d, { start: e.currentTarget.value }))}
    /></label
  >
  <label class="text-[13.5px] text-muted"
    >Time zone
    <select
      class="field w-56"
      disabled={!evening.date || !evening.start}
      value={evening.zone}
      onchange={(e) => onchange((d) => setEvening(d, { zone: e.currentTarget.value }))}
    >
      {#if !zones.includes(evening.zone)}<option value={evening.zone}>{evening.zone}</option>{/if}
      {#each zones as zone (zone)}<option value={zone}>{zone.replaceAll('_', ' ')}</option>{/each}
    </select></label
  >
</fieldset>
