<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import Begin from '../../teaching/Begin.svelte';
  import Stage from '../../teaching/Stage.svelte';
  import AfterClass from '../../teaching/AfterClass.svelte';
  import { Teaching } from '../../teaching/teaching.svelte';

  const { params }: { params: { id: string } } = $props();
  // The router makes a new page for another class.
  // svelte-ignore state_referenced_locally
  const teaching = new Teaching(params.id);
  onMount(() => void teaching.open());
  onDestroy(() => teaching.close());
</script>

<svelte:head><title>Teach · {teaching.document?.title ?? 'Class'} · Ample Tide</title></svelte:head>

{#if teaching.status === 'running'}
  <Stage {teaching} />
{:else if teaching.status === 'over' && teaching.log}
  <AfterClass {teaching} entry={teaching.log} id={params.id} />
{:else if teaching.status === 'elsewhere' || teaching.status === 'trouble'}
  <main class="mx-auto max-w-3xl px-6 py-8">
    <p role="alert" class="rounded-xl bg-sand px-4 py-3">{teaching.trouble}</p>
    <div class="mt-4 flex flex-wrap gap-3">
      {#if teaching.status === 'elsewhere'}
        <button class="press-deep" onclick={() => void teaching.open(true)}>Take over here</button>
      {:else}
        <button class="press-deep" onclick={() => void teaching.open()}>Try again</button>
      {/if}
      <a class="press inline-flex items-center" href="#/plan/{params.id}">Back to the plan</a>
    </div>
  </main>
{:else}
  <Begin {teaching} id={params.id} />
{/if}
