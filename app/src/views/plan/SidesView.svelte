<script lang="ts">
  import { catalogue } from '../../lib/catalogue.svelte';
  import type { PlanState } from '../../plan/plan.svelte';
  import { areaWings, axisWings, moveWings } from '../../sides/wings';
  import Wings from '../../sides/Wings.svelte';

  const { plan, ongo }: { plan: PlanState; ongo: (id: string) => void } = $props();

  const score = $derived(plan.score!);
  const theme = $derived(plan.document?.theme?.areas ?? []);
  const areas = $derived(areaWings(score, theme));

  /** The first line of a move by its name. */
  function toMove(name: string) {
    const line = score.lines.find((l) => catalogue.moves.get(plan.line(l.id)?.move ?? '')?.name === name);
    if (line) ongo(line.id);
  }

  /** The first line whose move eases an area. */
  function toArea(name: string) {
    const id = areas.find((a) => a.name === name)?.id;
    const line = score.lines.find((l) =>
      catalogue.moves.get(plan.line(l.id)?.move ?? '')?.areas.includes(id ?? ''),
    );
    if (line) ongo(line.id);
  }
</script>

<div class="mx-auto max-w-5xl px-6 pb-16 max-md:px-3">
  <Wings
    title="By area"
    note="Time each area was worked on, on either side. Talk is not practice and is not counted."
    wings={areas}
    onchoose={toArea}
  />
  <Wings
    title="By move"
    note="Practice of each move with sides; circles and crossings by direction, the first as right."
    wings={moveWings(score)}
    onchoose={toMove}
  />
  <Wings
    title="By joint"
    note="A trunk's bends and turns by where they go, a limb's by the limb."
    wings={axisWings(score)}
  />
</div>
