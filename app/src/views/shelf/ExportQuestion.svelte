<script lang="ts">
  import { AlertDialog } from 'bits-ui';
  import type { ShelfState } from './shelf.svelte';

  const { shelf }: { shelf: ShelfState } = $props();
</script>

<AlertDialog.Root bind:open={() => shelf.leaving !== null, (open) => !open && (shelf.leaving = null)}>
  <AlertDialog.Portal>
    <AlertDialog.Overlay class="fixed inset-0 z-30 bg-ink/40" />
    <AlertDialog.Content
      class="fixed inset-x-4 top-1/4 z-40 mx-auto max-w-md rounded-2xl bg-raised p-6 shadow-xl ring-1 ring-line"
    >
      {#if shelf.leaving}
        {@const { entry, people } = shelf.leaving}
        <AlertDialog.Title class="text-[21px]">What people have, too?</AlertDialog.Title>
        <AlertDialog.Description class="mt-2">
          {entry.title} says what {people}
          {people === 1 ? 'person has' : 'people have'}, without names. Whoever gets the file can read it.
        </AlertDialog.Description>
        <div class="mt-5 flex flex-wrap gap-2">
          <AlertDialog.Action class="press-deep" onclick={() => shelf.download(entry, false)}
            >Leave it out</AlertDialog.Action
          >
          <AlertDialog.Action class="press" onclick={() => shelf.download(entry, true)}
            >Export with it</AlertDialog.Action
          >
          <AlertDialog.Cancel class="press ml-auto">Cancel</AlertDialog.Cancel>
        </div>
      {/if}
    </AlertDialog.Content>
  </AlertDialog.Portal>
</AlertDialog.Root>
