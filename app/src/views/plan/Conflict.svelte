<script lang="ts">
  import { catalogue } from '../../lib/catalogue.svelte';
  import type { PlanState } from '../../plan/plan.svelte';
  import ChangeList from '../../versions/ChangeList.svelte';
  import { changes } from '../../versions/changes';

  const { plan }: { plan: PlanState } = $props();

  const base = $derived(plan.saver.base);
  const mine = $derived(base && plan.document ? changes(base, plan.document, catalogue.moves) : []);
  const theirs = $derived(base && plan.saver.theirs ? changes(base, plan.saver.theirs, catalogue.moves) : []);
</script>

<section
  role="alert"
  aria-label="Saved elsewhere too"
  class="mx-6 mb-3 max-h-[50vh] overflow-y-auto rounded-2xl bg-sand px-5 py-4 max-md:mx-3"
>
  <h2 class="text-[19px]">Another tab saved this class first</h2>
  <p class="mt-1">Nothing was overwritten. Since both began from the same class:</p>
  <div class="my-3 grid grid-cols-2 gap-8 max-md:grid-cols-1">
    <div>
      <h3 class="mb-1 text-[16px]">Changed here</h3>
      <ChangeList changes={mine} none="Nothing." />
    </div>
    <div>
      <h3 class="mb-1 text-[16px]">Changed there</h3>
      <ChangeList changes={theirs} none="Nothing." />
    </div>
  </div>
  <div class="flex flex-wrap gap-3">
    <button class="press-deep" onclick={() => plan.takeBoth()}>Both</button>
    <button class="press bg-raised!" onclick={() => plan.keepMine()}>Keep mine</button>
    <button class="press bg-raised!" onclick={() => plan.takeTheirs()}>Take theirs</button>
    <p class="self-center text-[14px] text-muted">
      With both, yours stands where both changed the same. Each can be undone.
    </p>
  </div>
</section>
