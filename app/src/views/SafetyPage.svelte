<script lang="ts">
  import Safety from '../people/Safety.svelte';
</script>

<svelte:head><title>Safety · Ample Tide</title></svelte:head>
<Safety page />
