<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import type { ClassFile } from '../lib/api/client';
  import type { Person } from './person';
  import PersonFields from './PersonFields.svelte';

  interface Props {
    document: ClassFile;
    onchange: (edit: (document: ClassFile) => void) => void;
  }

  const { document, onchange }: Props = $props();

  const people = $derived(document.group?.people ?? []);
  const most = $derived(Math.max(3, document.group?.size ?? 0));

  const put = (all: Person[]) =>
    onchange((d) => {
      const group = { ...d.group, people: all };
      if (all.length === 0) delete (group as Partial<typeof group>).people;
      d.group = group;
    });
</script>

<ul class="space-y-2">
  {#each people as person, i (i)}
    <PersonFields
      {person}
      label="Person {i + 1}"
      {most}
      onchange={(next) => put(people.map((p, at) => (at === i ? next : p)))}
      onremove={() => put(people.filter((_, at) => at !== i))}
    />
  {/each}
</ul>
<button
  class="press mt-2 inline-flex items-center gap-2"
  onclick={() => put([...people, { count: 1, conditions: [] }])}
  ><Plus size={18} aria-hidden="true" />Somebody with several conditions</button
>
