<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { api, type MoveDetail } from '../lib/api/client';
  import { catalogue } from '../lib/catalogue.svelte';
  import { myWords, noWords, type Words } from './words.svelte';

  interface Props {
    move: string | null;
    onclose: () => void;
    /** Told after the words were kept: what is shown is of before. */
    onkept: (undo: () => Promise<void>) => void;
  }
  const { move, onclose, onkept }: Props = $props();

  let detail = $state.raw<MoveDetail | null>(null);
  let words = $state<Words>(noWords());
  let trouble = $state<string | null>(null);

  $effect(() => {
    if (!move) return;
    trouble = null;
    words = { ...noWords(), ...structuredClone(myWords.all[move] ?? {}) };
    void api.GET('/api/moves/{id}', { params: { path: { id: move } } }).then(
      ({ data }) => (detail = data ?? null),
      () => (detail = null),
    );
  });

  const fields = [
    ['opener', 'Before the talk-in', 'Now the neck'],
    ['first', 'Talk-in, first side', ''],
    ['second', 'Talk-in, second side', ''],
    ['permission', 'Permission, after it', 'Less is plenty'],
    ['closer', 'When it is left', 'Notice what has changed'],
  ] as const;

  async function keep(given: Words | null) {
    const id = move!;
    const before = myWords.all[id] ?? null;
    trouble = await myWords.keep(id, given);
    if (trouble) return;
    onkept(async () => {
      await myWords.keep(id, before);
    });
    onclose();
  }
</script>

<Dialog.Root bind:open={() => move !== null, (open) => !open && onclose()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-ink/40" />
    <Dialog.Content
      class="fixed inset-x-4 top-[6vh] z-40 mx-auto max-h-[88vh] max-w-xl overflow-y-auto rounded-2xl bg-raised p-6 shadow-xl ring-1 ring-line"
    >
      <Dialog.Title class="text-[21px]">My words: {catalogue.moves.get(move ?? '')?.name ?? ''}</Dialog.Title>
      <Dialog.Description class="mt-1 text-[14.5px] text-muted">
        Said in all classes, where a line has none of its own. What is left empty is the catalogue's. Write
        {'{right}'} and {'{left}'} as for the right side; they change with the side.
      </Dialog.Description>
      <label class="mt-3 block">
        I call it
        <input
          class="field"
          maxlength="60"
          placeholder={catalogue.moves.get(move ?? '')?.name}
          bind:value={words.nickname}
        />
      </label>
      {#each fields as [field, name, example] (field)}
        <label class="mt-3 block">
          {name}
          <textarea class="field" rows="2" maxlength="1000" placeholder={example} bind:value={words[field]}
          ></textarea>
        </label>
      {/each}
      {#each detail?.phases ?? [] as phase, i (i)}
        <label class="mt-3 block">
          {phase.breath === 'stay' ? 'While staying' : `On the ${phase.breath}-breath`}
          <textarea
            class="field"
            rows="2"
            maxlength="1000"
            placeholder={phase.long}
            value={words.cues[String(i + 1)] ?? ''}
            oninput={(e) => (words.cues = { ...words.cues, [String(i + 1)]: e.currentTarget.value })}
          ></textarea>
        </label>
      {/each}
      {#if trouble}<p role="alert" class="mt-3 rounded-xl bg-sand px-4 py-2">{trouble}</p>{/if}
      <div class="mt-5 flex flex-wrap gap-2">
        <button class="press-deep" onclick={() => void keep($state.snapshot(words) as Words)}
          >Keep for all classes</button
        >
        {#if move && myWords.all[move]}
          <button class="press" onclick={() => void keep(null)}>Back to the catalogue's</button>
        {/if}
        <Dialog.Close class="press ml-auto">Cancel</Dialog.Close>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
