<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { ShelfState } from './shelf.svelte';

  const { shelf }: { shelf: ShelfState } = $props();

  let format = $state('tide');
  let people = $state(false);
  const chosen = $derived(shelf.formats.find((f) => f.id === format));

  function done() {
    if (!shelf.leaving) return;
    void shelf.download(shelf.leaving.entry, format, people && format === 'tide');
    people = false;
  }
</script>

<Dialog.Root bind:open={() => shelf.leaving !== null, (open) => !open && (shelf.leaving = null)}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-ink/40" />
    <Dialog.Content
      class="fixed inset-x-4 top-[12vh] z-40 mx-auto max-h-[80vh] max-w-md overflow-y-auto rounded-2xl bg-raised p-6 shadow-xl ring-1 ring-line"
    >
      {#if shelf.leaving}
        {@const { entry, people: count } = shelf.leaving}
        <Dialog.Title class="text-[21px]">Export {entry.title}</Dialog.Title>
        <fieldset class="mt-3">
          <legend class="sr-only">As</legend>
          {#each shelf.formats as each (each.id)}
            <label class="flex min-h-10 items-center gap-3">
              <input type="radio" class="size-5" name="format" value={each.id} bind:group={format} />
              {each.name} <span class="text-muted">{each.extension}</span>
            </label>
          {/each}
        </fieldset>
        <Dialog.Description class="mt-2 min-h-12 text-[14.5px] text-muted">
          {chosen?.leavesOut || 'Carries all of the class.'}
        </Dialog.Description>
        {#if count > 0 && format === 'tide'}
          <label class="mt-2 flex items-start gap-3">
            <input type="checkbox" class="mt-0.5 size-5" bind:checked={people} />
            <span
              >What {count}
              {count === 1 ? 'person has' : 'people have'}, too. There are no names in it, but whoever gets
              the file can read it.</span
            >
          </label>
        {/if}
        <div class="mt-5 flex flex-wrap gap-2">
          <button class="press-deep" onclick={done}>Export</button>
          <Dialog.Close class="press ml-auto">Cancel</Dialog.Close>
        </div>
      {/if}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
