<script lang="ts">
  import { onMount } from 'svelte';
  import { api, sentence } from '../lib/api/client';
  import type { components } from '../lib/api/schema';
  import { catalogue } from '../lib/catalogue.svelte';

  type Kind = components['schemas']['Preferences']['names'];
  const kinds: [Kind, string][] = [
    ['everyday', 'Everyday names'],
    ['traditional', 'Sanskrit where there is one'],
  ];

  let chosen = $state<Kind>('everyday');
  let trouble = $state('');

  onMount(() => {
    api.GET('/api/preferences').then(
      ({ data }) => (chosen = data?.names ?? chosen),
      () => undefined,
    );
  });

  async function choose(names: Kind) {
    const before = chosen;
    [chosen, trouble] = [names, ''];
    try {
      const { error } = await api.PUT('/api/preferences', { body: { names } });
      if (!error) return void (await catalogue.again());
      trouble = sentence(error);
    } catch (problem) {
      trouble = sentence(problem);
    }
    chosen = before;
  }
</script>

<!-- Everywhere, in classes too: whoever says one kind wants to read it. -->
<label class="flex items-center gap-2 text-[14.5px] text-muted">
  Moves go by
  <select
    class="min-h-10 rounded-[10px] bg-sand px-3 text-[15px] text-ink"
    bind:value={() => chosen, (names) => void choose(names)}
  >
    {#each kinds as [kind, name] (kind)}<option value={kind}>{name}</option>{/each}
  </select>
</label>
{#if trouble}<p role="alert" class="text-[14.5px]">{trouble}</p>{/if}
