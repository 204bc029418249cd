<script lang="ts">
  import Wave from './Wave.svelte';
  import ThemeButton from './ThemeButton.svelte';

  const { here }: { here: 'shelf' | 'moves' | 'log' } = $props();
  const places = [
    { id: 'shelf', name: 'Classes', to: '#/' },
    { id: 'moves', name: 'Moves', to: '#/moves' },
    { id: 'log', name: 'Log', to: '#/log' },
  ] as const;
</script>

<header class="flex items-center gap-4 px-8 py-4 max-md:px-4 max-sm:gap-2">
  <Wave />
  <p class="font-head text-[23px] font-semibold max-sm:hidden">Ample Tide</p>
  <nav class="ml-4 flex gap-1 max-sm:ml-0" aria-label="Views">
    {#each places as place (place.id)}
      <a
        href={place.to}
        aria-current={here === place.id ? 'page' : undefined}
        class="inline-flex min-h-10 items-center rounded-[10px] px-4 max-sm:px-2.5 aria-[current=page]:bg-sand aria-[current=page]:font-bold"
        >{place.name}</a
      >
    {/each}
  </nav>
  <span class="ml-auto"><ThemeButton /></span>
</header>
