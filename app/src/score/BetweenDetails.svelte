<script lang="ts">
  import type { Talk, Wait } from '../lib/api/client';
  import { betweenOf, isWait } from '../document/edits';
  import { clampSeconds } from './between';
  import type { PlanState } from '../plan/plan.svelte';

  const { plan, item }: { plan: PlanState; item: Talk | Wait } = $props();

  const id = $derived(item.id ?? '');
  const name = $derived(isWait(item) ? 'waiting' : 'talk');

  function change(what: string, edit: (item: Talk | Wait) => void) {
    plan.change(
      `${what} of ${name}`,
      (document) => {
        const edited = betweenOf(document, id);
        if (edited) edit(edited);
      },
      `${what} ${id}`,
    );
  }

  /** Without seconds of its own, talk takes as long as its words. */
  function seconds(value: number) {
    change('seconds', (edited) => {
      if (isWait(edited)) edited.wait = clampSeconds(value || edited.wait);
      else if (value > 0) edited.seconds = clampSeconds(value);
      else delete edited.seconds;
    });
  }
</script>

<details class="mb-5" open>
  <summary class="min-h-10 cursor-pointer py-2 text-[17px] font-semibold">This {name}</summary>
  <div class="mt-1 grid grid-cols-2 gap-3 text-[13.5px] text-muted">
    {#if isWait(item)}
      <label
        >What for
        <select
          class="field"
          value={item.what ?? 'silence'}
          onchange={(e) => {
            const what = e.currentTarget.value as Wait['what'];
            change('what', (edited) => {
              if (isWait(edited)) edited.what = what;
            });
          }}
        >
          <option value="silence">silence</option>
          <option value="handling">fetching, putting aside, moving things</option>
        </select></label
      >
      <label
        >Seconds
        <input
          class="field"
          type="number"
          min="1"
          max="3600"
          value={item.wait}
          onchange={(e) => seconds(e.currentTarget.valueAsNumber)}
        /></label
      >
      <label class="col-span-full"
        >Note to yourself
        <textarea
          class="field"
          rows="2"
          maxlength="2000"
          value={item.note ?? ''}
          oninput={(e) => {
            const note = e.currentTarget.value;
            change('note', (edited) => {
              if (isWait(edited)) edited.note = note;
            });
          }}></textarea></label
      >
    {:else}
      <label class="col-span-full"
        >What is said
        <textarea
          class="field"
          rows="4"
          maxlength="4000"
          value={item.talk ?? ''}
          oninput={(e) => {
            const words = e.currentTarget.value;
            change('words', (edited) => {
              if (!isWait(edited)) edited.talk = words;
            });
          }}></textarea></label
      >
      <label class="col-span-full"
        >Seconds; empty takes as long as the words do
        <input
          class="field"
          type="number"
          min="1"
          max="3600"
          value={item.seconds ?? ''}
          onchange={(e) => seconds(e.currentTarget.valueAsNumber)}
        /></label
      >
    {/if}
  </div>
</details>
