<script lang="ts">
  import { views, type View } from './views';

  const { id, view }: { id: string; view: View } = $props();
</script>

<nav
  class="flex gap-0.5 overflow-x-auto pr-2 pb-2 pl-4 max-md:px-3 print:hidden"
  aria-label="Views of the class"
>
  {#each views as [word, name] (word)}
    <a
      class="inline-flex min-h-10 items-center rounded-xl px-2 hover:bg-band aria-[current]:bg-sand aria-[current]:font-bold"
      href="#/plan/{id}{word === 'score' ? '' : `/${word}`}"
      aria-current={word === view ? 'page' : undefined}>{name}</a
    >
  {/each}
</nav>
