<script lang="ts">
  import { acts } from './acts';

  const { onclose }: { onclose: () => void } = $props();

  const keys: [string, string][] = [
    ['↑ ↓', 'The line before, the next'],
    ['+ −', 'More or less of it'],
    ['Shift + ↑ ↓', 'Take the next line into the selection'],
    ['Home, End', 'The first line, the last'],
    ['s', 'Other sides'],
    ['/', 'Add a move'],
    ['p', 'Let the class run, stop it'],
    ['f', 'Fit the class to its minutes'],
    ['T', 'Teach it'],
    ...acts.map((a): [string, string] => [
      a.key.replace('Arrow', '').replace('Up', '↑').replace('Down', '↓').replace('+', ' + '),
      a.name,
    ]),
    ['Ctrl + X, C, V', 'Cut, copy, paste; as text too'],
    ['Ctrl + Z', 'Undo'],
    ['Ctrl + Shift + Z', 'Redo'],
    ['?', 'This list'],
  ];
  const show = (dialog: HTMLDialogElement) => dialog.showModal();
</script>

<dialog
  {@attach show}
  class="m-auto max-w-md rounded-2xl bg-raised p-6 text-ink backdrop:bg-black/30"
  aria-labelledby="keys"
  onclose={() => onclose()}
>
  <h2 id="keys" class="mb-3 text-[21px]">Keys</h2>
  <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5">
    {#each keys as [key, does] (key)}
      <dt><kbd class="rounded-md bg-sand px-2 py-0.5 font-sans">{key}</kbd></dt>
      <dd>{does}</dd>
    {/each}
  </dl>
  <form method="dialog" class="mt-5"><button class="press-deep">Close</button></form>
</dialog>
