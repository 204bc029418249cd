<script lang="ts">
  import type { PlanState } from '../../score/plan.svelte';

  const { plan }: { plan: PlanState } = $props();
</script>

<div
  role="alert"
  class="mx-6 mb-2 flex flex-wrap items-center gap-3 rounded-xl bg-sand px-4 py-2 max-md:mx-3"
>
  <p class="mr-auto">
    <b>Another tab saved this class first.</b> Nothing was overwritten. Keep what you see here, or take what the
    other tab saved.
  </p>
  <button class="press-deep" onclick={() => plan.keepMine()}>Keep mine</button>
  <button class="press ring-1 ring-line" onclick={() => plan.takeTheirs()}>Take theirs</button>
</div>
