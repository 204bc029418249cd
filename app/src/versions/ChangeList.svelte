<script lang="ts">
  import type { Change } from './changes';

  interface Props {
    changes: readonly Change[];
    /** What is said when there are none. */
    none: string;
    atMost?: number;
  }

  const { changes, none, atMost = 12 }: Props = $props();

  let all = $state(false);
  const shown = $derived(all ? changes : changes.slice(0, atMost));
  const marks = { new: '+', gone: '−', moved: '↕', changed: '≈' };
  const said = { new: 'new', gone: 'gone', moved: 'moved', changed: 'changed' };
</script>

{#if changes.length === 0}
  <p class="text-muted">{none}</p>
{:else}
  <ul class="space-y-1">
    {#each shown as change, i (i)}
      <li class="flex gap-2.5">
        <b class="w-4 shrink-0 text-center {change.kind}" title={said[change.kind]} aria-hidden="true"
          >{marks[change.kind]}</b
        ><span>{change.text}</span>
      </li>
    {/each}
  </ul>
  {#if changes.length > shown.length}
    <button class="mt-1 min-h-10 underline" onclick={() => (all = true)}
      >{changes.length - shown.length} more</button
    >
  {/if}
{/if}

<style>
  .new {
    color: var(--left);
  }
  .gone {
    color: var(--serious);
  }
  .moved,
  .changed {
    color: var(--notable);
  }
</style>
