<script lang="ts">
  import { sentence } from '../lib/api/client';
  import { save } from '../lib/download';
  import Header from '../lib/Header.svelte';

  let trouble = $state<string | null>(null);
  let done = $state<string | null>(null);
  let busy = $state(false);

  async function attempt(does: () => Promise<string>) {
    [busy, trouble, done] = [true, null, null];
    try {
      done = await does();
    } catch (problem) {
      trouble = sentence(problem);
    }
    busy = false;
  }

  const write = () =>
    attempt(async () => {
      await save('/api/backup');
      return 'The backup is among your downloads.';
    });

  async function restore(file: File | undefined) {
    if (!file || !confirm(`Put ${file.name} in the place of everything that is here?`)) return;
    await attempt(async () => {
      const response = await fetch('/api/restore', {
        method: 'POST',
        body: file,
        headers: { 'content-type': 'application/zip' },
      });
      if (!response.ok) throw (await response.json()) as unknown;
      return 'Restored. What was here before lies in the folder “backups” beside the database.';
    });
  }
</script>

<svelte:head><title>Backup · Ample Tide</title></svelte:head>

<Header here="shelf" />

<main class="mx-auto max-w-3xl px-6 pb-16">
  <h1 class="text-[32px]">Backup</h1>
  <p class="mt-2 text-muted">
    One file with everything: classes with their versions, your moves, your words, the log. Classes and moves
    lie in it as open files, too, for whoever has no Ample Tide.
  </p>
  <button class="press-deep mt-5" disabled={busy} onclick={() => void write()}>Save a backup</button>
  <h2 class="mt-8 text-[21px]">Restore</h2>
  <p class="mt-1 text-muted">
    The file is checked first. It takes the place of everything that is here; what was here is kept beside the
    database.
  </p>
  <label class="press mt-3 inline-flex cursor-pointer items-center">
    Choose a backup
    <input
      class="sr-only"
      type="file"
      accept=".zip,application/zip"
      disabled={busy}
      onchange={(e) => {
        void restore(e.currentTarget.files?.[0]);
        e.currentTarget.value = '';
      }}
    />
  </label>
  {#if busy}<p class="mt-4 text-muted" role="status">Working on it</p>{/if}
  {#if done}<p class="mt-4 rounded-xl bg-sand px-4 py-2" role="status">{done}</p>{/if}
  {#if trouble}<p class="mt-4 rounded-xl bg-sand px-4 py-2" role="alert">{trouble}</p>{/if}
</main>
