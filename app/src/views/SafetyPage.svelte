<script lang="ts">
  import Safety from '../people/Safety.svelte';
</script>

<svelte:head><title>Safety · Ample Tide</title></svelte:head>
<Safety page />
<p class="mx-auto max-w-2xl px-6 pb-16 text-muted">
  Ample Tide is free software under the MIT licence. <a class="underline" href="/notices.txt"
    >The licence, and those of what ships with it</a
  >.
</p>
