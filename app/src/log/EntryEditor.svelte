<script lang="ts">
  import type { Taught } from '../lib/api/client';
  import { localIso } from '../lib/time';
  import LogFields from './LogFields.svelte';

  interface Props {
    entry: Taught;
    onsave: (entry: Taught) => Promise<string | null>;
    onclose: () => void;
  }
  const { entry, onsave, onclose }: Props = $props();

  // svelte-ignore state_referenced_locally
  let edited = $state<Taught>(structuredClone($state.snapshot(entry) as Taught));
  let trouble = $state<string | null>(null);

  async function save(event: SubmitEvent) {
    event.preventDefault();
    trouble = await onsave($state.snapshot(edited) as Taught);
    if (!trouble) onclose();
  }
</script>

<form class="rounded-xl bg-band p-4" onsubmit={save}>
  <div class="flex flex-wrap gap-4">
    <label>
      Taught on
      <input
        class="field"
        type="datetime-local"
        required
        value={edited.at.slice(0, 16)}
        onchange={(e) => {
          const ms = new Date(e.currentTarget.value).getTime();
          if (!Number.isNaN(ms)) edited.at = localIso(ms);
        }}
      />
    </label>
    <label class="w-28">
      Minutes
      <input
        class="field"
        type="number"
        required
        min="1"
        max="600"
        step="any"
        value={Math.round(edited.realMs / 6000) / 10}
        oninput={(e) => (edited.realMs = Math.round((e.currentTarget.valueAsNumber || 0) * 60_000))}
      />
    </label>
    <label class="min-w-52 flex-1">
      Title
      <input class="field" required maxlength="200" bind:value={edited.title} />
    </label>
  </div>
  <LogFields bind:entry={edited} />
  {#if trouble}<p role="alert" class="mt-3 rounded-xl bg-sand px-4 py-2">{trouble}</p>{/if}
  <div class="mt-4 flex gap-3">
    <button class="press-deep" type="submit">Keep</button>
    <button class="press" type="button" onclick={onclose}>Cancel</button>
  </div>
</form>
