<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import { DropdownMenu } from 'bits-ui';
  import { push } from 'svelte-spa-router';
  import { api, sentence, type ShelfEntry } from '../../lib/api/client';
  import { takeNext, type Along } from '../../plan/takeAlong';

  const { along }: { along: Along } = $props();

  const offered = 8;
  let classes = $state.raw<ShelfEntry[] | null>(null);
  let trouble = $state('');

  async function look(open: boolean) {
    if (!open) return;
    try {
      const { data } = await api.GET('/api/classes', { params: { query: { page: 1, size: offered * 2 } } });
      classes = (data?.items ?? []).filter((c) => !c.archived).slice(0, offered);
    } catch (problem) {
      trouble = sentence(problem);
    }
  }

  async function add(to: ShelfEntry) {
    takeNext(along);
    await push(`/plan/${to.id}`);
  }
</script>

<DropdownMenu.Root onOpenChange={(open) => void look(open)}>
  <DropdownMenu.Trigger class="press-deep inline-flex items-center gap-2"
    ><Plus size={18} aria-hidden="true" />Add to class</DropdownMenu.Trigger
  >
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      align="end"
      sideOffset={4}
      class="z-20 max-w-80 min-w-60 rounded-xl bg-raised p-1.5 shadow-lg ring-1 ring-line"
    >
      {#each classes ?? [] as entry (entry.id)}
        <DropdownMenu.Item
          class="flex min-h-10 cursor-pointer items-center gap-3 rounded-lg px-3 data-highlighted:bg-sand"
          onSelect={() => void add(entry)}
          ><span class="truncate">{entry.title}</span>
          <span class="ml-auto text-[13.5px] whitespace-nowrap text-muted">{entry.minutes} min</span
          ></DropdownMenu.Item
        >
      {/each}
      {#if classes?.length === 0}<p class="px-3 py-2 text-muted">There is no class yet.</p>{/if}
      {#if trouble}<p role="alert" class="px-3 py-2">{trouble}</p>{/if}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
