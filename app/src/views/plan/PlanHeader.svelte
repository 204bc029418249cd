<script lang="ts">
  import { saidEvening } from '../../brief/evening';
  import { plain } from '../../lib/words';
  import ThemeButton from '../../lib/ThemeButton.svelte';
  import { clock } from '../../lib/time';
  import type { PlanState } from '../../plan/plan.svelte';
  import Wave from '../../lib/Wave.svelte';

  const { plan, id, onfit }: { plan: PlanState; id: string; onfit: () => void } = $props();

  const wantedMs = $derived((plan.document?.minutes ?? 0) * 60_000);
  const totalMs = $derived(plan.score?.totalMs ?? 0);
  const off = $derived(totalMs - wantedMs);
  // A planned time is a middle; whole minutes are all that can be told of its band.
  const likely = $derived.by(() => {
    const [from, to] = [plan.score?.forecast.p10Ms, plan.score?.forecast.p90Ms].map((ms) =>
      Math.round((ms ?? 0) / 60_000),
    );
    return to ? `${from} to ${to}` : '';
  });
  const about = $derived(
    [
      plan.document ? saidEvening(plan.document) : '',
      plan.document?.group?.size ? `${plan.document.group.size} people` : '',
      plan.document?.theme?.areas?.map(plain).join(', ') ?? '',
    ]
      .filter(Boolean)
      .join(' · '),
  );
  const saved = {
    saved: 'Saved',
    waiting: 'Not saved yet',
    saving: 'Saving',
    conflict: 'Changed elsewhere',
    refused: 'Not saved',
    offline: 'Offline, kept here',
    deleted: 'Deleted elsewhere',
  };
</script>

<header class="flex flex-wrap items-center gap-x-5 gap-y-1 px-6 py-3 max-md:px-3">
  <a href="#/" class="inline-flex min-h-10 items-center" aria-label="To the shelf"><Wave /></a>
  <div class="min-w-48 flex-1 basis-0">
    <h1 class="truncate text-[23px]">{plan.document?.title ?? ''}</h1>
    <p class="truncate text-[14px] text-muted">{about}</p>
  </div>
  <div class="ml-auto flex flex-wrap items-baseline gap-x-4 text-muted" aria-live="polite">
    <span><b class="font-head text-[25px] font-semibold text-ink">{clock(totalMs)}</b> planned</span>
    {#if likely}<span title="Eight of ten classes like this end between these minutes.">likely {likely}</span
      >{/if}
    <span>{clock(wantedMs)} wanted</span>
    {#if Math.abs(off) >= 1000}
      <span class:text-serious={Math.abs(off) > 60_000}>{clock(off)} {off > 0 ? 'over' : 'short'}</span>
    {/if}
  </div>
  <div class="flex flex-wrap items-center gap-3 max-lg:ml-auto print:hidden">
    <a class="press-deep inline-flex items-center" href="#/teach/{id}" title="Teach it (T)">Teach</a>
    <a
      class="press inline-flex items-center"
      href="#/tonight/{id}"
      title="Who is here tonight, what is short, how long there is">Tonight</a
    >
    <button class="press" title="Fit the class to its minutes (f)" disabled={plan.offline} onclick={onfit}
      >Fit</button
    >
    <span class="w-24 text-[14px] text-muted max-lg:w-auto" role="status">{saved[plan.saver.state]}</span>
    <ThemeButton />
  </div>
</header>
