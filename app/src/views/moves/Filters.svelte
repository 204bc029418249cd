<script lang="ts">
  import { catalogue } from '../../lib/catalogue.svelte';
  import { plain } from '../../lib/words';
  import { efforts, type Wanted } from '../../moves/find';
  import { families, kinds, sidedness } from '../../moves/words';
  import Choice from './Choice.svelte';

  /** The lists that narrow what the moves page shows. */
  let { wanted = $bindable() }: { wanted: Wanted } = $props();

  const areas = $derived([...new Set([...catalogue.moves.values()].flatMap((m) => m.areas))].sort());
  const sentenceCase = (words: string) => words[0]!.toUpperCase() + words.slice(1);
</script>

<Choice label="Family" any="All families" bind:value={wanted.family} options={families} />
<Choice
  label="Position"
  any="All positions"
  bind:value={wanted.position}
  options={[...catalogue.positions.values()]
    .filter((p) => !wanted.family || p.family === wanted.family)
    .map((p) => [p.id, p.name])}
/>
<Choice label="Eases" any="Any area" bind:value={wanted.area} options={areas.map((a) => [a, plain(a)])} />
<Choice label="Sides" any="Any sides" bind:value={wanted.sides} options={sidedness} />
<Choice label="Kind" any="Any kind" bind:value={wanted.kind} options={kinds} />
<Choice
  label="Fine or smaller with"
  any="No condition"
  bind:value={wanted.condition}
  options={catalogue.conditions.map((c) => [c.id, c.name])}
/>
<Choice
  label="Props"
  any="Any props"
  bind:value={wanted.props}
  options={[
    ['none', 'Without props'],
    ...catalogue.props.filter((p) => !p.alwaysThere).map((p) => [p.id, `With ${p.plural}`] as const),
  ]}
/>
<Choice
  label="Effort"
  any="Any effort"
  bind:value={wanted.effort}
  options={Object.keys(efforts).map((e) => [e, sentenceCase(e)])}
/>
