<script lang="ts">
  import type { ClassFile, Family, Surface } from '../lib/api/client';
  import { families } from '../moves/words';
  import { has, toggled } from './lists';

  interface Props {
    document: ClassFile;
    onchange: (edit: (document: ClassFile) => void) => void;
  }

  const { document, onchange }: Props = $props();

  const limits = [
    ['no-kneeling', 'no kneeling'],
    ['no-floor', 'nobody gets down to the floor'],
    ['no-lying-flat', 'no lying flat'],
    ['no-head-down', 'no head below the heart'],
    ['no-hand-load', 'no weight on the hands'],
    ['no-long-standing', 'no long standing'],
  ] as const;

  const place = $derived(document.place ?? {});

  const toggleFamily = (family: Family) =>
    onchange((d) => (d.place = { ...d.place, families: toggled(d.place?.families, family) }));
  const toggleLimit = (limit: string) =>
    onchange((d) => (d.place = { ...d.place, limits: toggled(d.place?.limits, limit) }));
</script>

<fieldset>
  <legend class="mb-1 font-bold">Which positions the place allows</legend>
  <div class="flex flex-wrap gap-x-5">
    {#each families as [id, name] (id)}
      <label class="flex min-h-10 items-center gap-2"
        ><input
          type="checkbox"
          checked={!place.families?.length || has(place.families, id)}
          onchange={() =>
            place.families?.length
              ? toggleFamily(id)
              : onchange(
                  (d) =>
                    (d.place = {
                      ...d.place,
                      families: families.map(([f]) => f).filter((f) => f !== id),
                    }),
                )}
        />{name}</label
      >
    {/each}
  </div>
  <div class="mt-1 flex flex-wrap gap-x-5">
    {#each limits as [id, name] (id)}
      <label class="flex min-h-10 items-center gap-2"
        ><input
          type="checkbox"
          checked={has(place.limits, id)}
          onchange={() => toggleLimit(id)}
        />{name}</label
      >
    {/each}
  </div>
  <label class="mt-2 block w-48 text-[13.5px] text-muted"
    >On
    <select
      class="field"
      value={place.surface ?? 'mat'}
      onchange={(e) => onchange((d) => (d.place = { ...d.place, surface: e.currentTarget.value as Surface }))}
    >
      <option value="mat">mats</option><option value="chair">chairs</option><option value="bed">a bed</option
      ><option value="outdoors">grass, outdoors</option>
    </select></label
  >
</fieldset>
