<script lang="ts">
  import type { ClassFile } from '../lib/api/client';
  import { catalogue } from '../lib/catalogue.svelte';

  interface Props {
    document: ClassFile;
    onchange: (edit: (document: ClassFile) => void) => void;
  }

  const { document, onchange }: Props = $props();

  const stock = $derived(document.place?.props ?? {});
  const counted = $derived(catalogue.props.filter((p) => !p.alwaysThere));

  function set(id: string, count: number) {
    if (!Number.isInteger(count) || count < 0 || count > 999) return;
    onchange((d) => (d.place = { ...d.place, props: { ...d.place?.props, [id]: count } }));
  }
</script>

<div class="flex flex-wrap gap-x-4 gap-y-2">
  {#each counted as prop (prop.id)}
    <label class="text-[13.5px] text-muted"
      >{prop.plural}
      <input
        class="field w-28"
        type="number"
        min="0"
        max="999"
        value={stock[prop.id] ?? (Object.keys(stock).length ? 0 : '')}
        placeholder="not counted"
        onchange={(e) => set(prop.id, e.currentTarget.valueAsNumber)}
      /></label
    >
  {/each}
</div>
