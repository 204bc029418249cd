<script lang="ts">
  import BriefFields from '../../brief/BriefFields.svelte';
  import type { PlanState } from '../../plan/plan.svelte';

  const { plan }: { plan: PlanState } = $props();
</script>

<div class="mx-auto max-w-6xl px-6 pb-16 max-md:px-3">
  {#if plan.document}
    <BriefFields document={plan.document} onchange={(edit) => plan.change('brief', edit, 'brief')} />
  {/if}
</div>
