<script lang="ts">
  import { onMount } from 'svelte';
  import { api, type MoveToMend } from '../../lib/api/client';

  /** Moves of one's own that can no longer be read; nothing where all can. */
  let toMend = $state.raw<MoveToMend[]>([]);

  onMount(() => {
    // Offline there is nothing to mend with.
    api.GET('/api/moves-to-mend').then(
      ({ data }) => (toMend = data ?? []),
      () => {},
    );
  });
</script>

{#if toMend.length}
  <section class="mt-5 rounded-xl bg-sand px-4 py-3" aria-label="To mend">
    <p>
      {toMend.length === 1 ? 'One of your moves' : `${toMend.length} of your moves`} cannot be read any more. Nothing
      is lost, but classes leave {toMend.length === 1 ? 'it' : 'them'} out until mended.
    </p>
    <ul class="mt-1">
      {#each toMend as move (move.id)}
        <li>
          <a class="inline-flex min-h-10 items-center underline underline-offset-4" href="#/write/{move.id}"
            >Mend {move.id}</a
          >
          <span class="ml-2 text-muted">{move.reason}</span>
        </li>
      {/each}
    </ul>
  </section>
{/if}
