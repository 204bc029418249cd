<script lang="ts">
  import { onMount } from 'svelte';
  import { api, type Taught } from '../lib/api/client';
  import { day } from '../lib/time';

  const { id }: { id: string } = $props();

  let last = $state.raw<Taught | null>(null);
  let shut = $state(false);
  onMount(async () => {
    try {
      const { data } = await api.GET('/api/log', { params: { query: { class: id, size: 1 } } });
      last = (data?.items[0] as unknown as Taught | undefined) ?? null;
    } catch {
      // Without the log the plan is the plan.
    }
  });
</script>

{#if last?.next && !shut}
  <p
    class="mx-6 mb-2 flex flex-wrap items-center gap-3 rounded-xl bg-band px-4 py-1.5 text-[15px] print:hidden"
  >
    <span><b>Next time</b>, from {day(last.at)}: {last.next}</span>
    <button class="ml-auto min-h-6 px-2" aria-label="Close the note" onclick={() => (shut = true)}>✕</button>
  </p>
{/if}
