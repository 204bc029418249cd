<script lang="ts">
  import { onMount } from 'svelte';
  import { catalogue } from '../../lib/catalogue.svelte';
  import Header from '../../lib/Header.svelte';
  import { LogState } from '../../log/log.svelte';
  import LogBook from '../../log/LogBook.svelte';

  const log = new LogState(null);
  onMount(() => void Promise.all([catalogue.load(), log.load()]));
</script>

<svelte:head><title>Log · Ample Tide</title></svelte:head>

<Header here="log" />

<main class="mx-auto max-w-4xl px-6 pb-16 max-md:px-3">
  <LogBook {log} title="" minutes={45} withTitles>
    {#snippet head()}
      <h1 class="text-[32px]">What was taught</h1>
      {#if log.total > 0}<p class="text-muted">{log.total} evenings</p>{/if}
    {/snippet}
    {#snippet empty()}
      Nothing yet. Teach a class from its plan, or write an evening by hand: minutes and a few words are
      enough.
    {/snippet}
  </LogBook>
</main>
