<script lang="ts">
  import Plan from './Plan.svelte';

  const { params }: { params: { id: string; view?: string } } = $props();
</script>

<!-- The router keeps a view while only its address changes; another class needs one of its own. -->
{#key params.id}<Plan {params} />{/key}
