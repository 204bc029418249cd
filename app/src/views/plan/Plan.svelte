<script lang="ts">
  import { onDestroy, onMount, tick } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { catalogue } from '../../lib/catalogue.svelte';
  import { clock } from '../../lib/time';
  import { Playback } from '../../score/playback.svelte';
  import Preview from '../../score/Preview.svelte';
  import { PlanState } from '../../plan/plan.svelte';
  import { bandsOf, idOf, leavesOf, marksOf, rowsOf, ticksOf } from '../../score/rows';
  import ScoreView from '../../score/ScoreView.svelte';
  import Soundings from '../../soundings/Soundings.svelte';
  import TimeSpent from '../../soundings/TimeSpent.svelte';
  import Finder from '../../finder/Finder.svelte';
  import FitPanel from '../../fit/FitPanel.svelte';
  import { Fitting, type Wish } from '../../fit/fitting.svelte';
  import KeyList from '../../score/KeyList.svelte';
  import LineDetails from '../../score/LineDetails.svelte';
  import LineTools from '../../score/LineTools.svelte';
  import type { Tide } from '../../tide/TideDrawing.svelte';
  import TideLine from '../../tide/TideLine.svelte';
  import Conflict from './Conflict.svelte';
  import BodyView from './BodyView.svelte';
  import BriefView from './BriefView.svelte';
  import BringView from './BringView.svelte';
  import NextTime from '../../log/NextTime.svelte';
  import PeopleView from './PeopleView.svelte';
  import PlanHeader from './PlanHeader.svelte';
  import PlanTabs from './PlanTabs.svelte';
  import SidesView from './SidesView.svelte';
  import VersionsView from './VersionsView.svelte';
  import { takeAlong } from '../../plan/takeAlong';
  import { viewOf } from './views';

  const { params }: { params: { id: string; view?: string } } = $props();
  const view = $derived(viewOf(params.view));
  // PlanPage makes a new view for another class.
  // svelte-ignore state_referenced_locally
  const plan = new PlanState(params.id);
  onDestroy(() => plan.close());
  const sections = $derived(plan.document ? rowsOf(plan.document, plan.score) : []);
  const leaves = $derived(sections.flatMap((s) => leavesOf(s.rows)));
  const tide = $derived<Tide>({
    points: plan.score?.tide ?? [],
    totalMs: plan.score?.totalMs ?? 0,
    wantedMs: (plan.document?.minutes ?? 0) * 60_000,
    bands: bandsOf(sections, plan.score?.totalMs ?? 0),
    ticks: ticksOf(plan.score),
    marks: marksOf(plan.score),
    preview: plan.preview?.answer.after.tide ?? null,
    links: plan.score?.links ?? [],
    open: plan.score?.open ?? [],
    effort: plan.score?.ledgers.arc ?? [],
    events: plan.score?.events ?? null,
    likely: plan.score?.forecast ?? null,
  });
  const startOf = (id: string | null) => leaves.find((l) => idOf(l) === id)?.score?.occurrences[0]?.startMs;

  // What can be done depends on what moves are, so nothing is shown before they are known.
  async function open() {
    await Promise.all([catalogue.load(), plan.load()]);
    plan.selected ??= leaves[0] ? idOf(leaves[0]) : null;
    if (!plan.document || catalogue.moves.size === 0) return;
    takeAlong(plan);
  }
  onMount(() => void open());

  // A server that was away is asked again, without anybody pressing anything.
  const closed = $derived(plan.document === null && plan.trouble !== null);
  $effect(() => {
    if (!closed) return;
    const timer = setInterval(() => void open(), 4000);
    return () => clearInterval(timer);
  });

  const playback = new Playback(plan, (id) => startOf(id));
  onDestroy(() => playback.pause());
  let finding = $state(false);
  const fitting = new Fitting(plan);
  onDestroy(() => fitting.leave());
  let keys = $state(false);

  function closeFinder() {
    finding = false;
    if (plan.selected)
      document.querySelector<HTMLElement>(`[data-select="${CSS.escape(plan.selected)}"]`)?.focus();
  }

  function key(event: KeyboardEvent) {
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
    if (event.key === '?' && !typing) keys = true;
    const plain = !typing && !event.ctrlKey && !event.metaKey && !event.altKey;
    if (event.key === 'T' && plain) void push(`/teach/${params.id}`);
    if (event.key === 'p' && plain) playback.toggle();
    if (event.key === 'f' && plain) {
      event.preventDefault();
      void fit();
    }
    if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    if (event.shiftKey) plan.redo();
    else plan.undo();
  }

  /** Fits the class to its minutes; shown beside the score. */
  async function fit(wish: Wish = {}) {
    if (view !== 'score') await push(`/plan/${params.id}`);
    await fitting.ask({ targetMs: (plan.document?.minutes ?? 0) * 60_000, ...wish });
  }

  /** The border between two sections is moved: what one is given the other gives. */
  function border(before: number, ms: number) {
    const [one, other] = [sections[before], sections[before + 1]];
    if (!one || !other) return;
    const second = 1000;
    const wish = {
      [one.section.id ?? '']: Math.max(second, Math.round(ms - one.fromMs)),
      [other.section.id ?? '']: Math.max(second, Math.round(other.toMs - ms)),
    };
    void fit({ targetMs: undefined, sections: wish });
  }

  async function go(id: string) {
    plan.selected = id;
    if (view !== 'score') await push(`/plan/${params.id}`);
    await tick();
    document
      .querySelector(`[data-line="${CSS.escape(id)}"]`)
      ?.scrollIntoView({ block: 'center', behavior: 'smooth' });
  }

  function seek(ms: number) {
    playback.seek(ms);
    const before = leaves.filter((l) => (l.score?.occurrences[0]?.startMs ?? Infinity) <= ms);
    const row = before.at(-1) ?? leaves[0];
    if (row) void go(idOf(row));
  }

  function leave(event: BeforeUnloadEvent) {
    if (plan.saver.loses) event.preventDefault();
  }
</script>

<svelte:head><title>{plan.document?.title ?? 'Class'} · Ample Tide</title></svelte:head>
<svelte:window onbeforeunload={leave} onkeydown={key} />

<p class="sr-only" role="status">{plan.told}</p>
{#if keys}<KeyList onclose={() => (keys = false)} />{/if}

<div class="flex h-full flex-col max-md:h-auto">
  {#if plan.document && catalogue.moves.size > 0}
    <PlanHeader {plan} id={params.id} onfit={() => void fit()} />
    {#if plan.saver.theirs}<Conflict {plan} />{/if}
    {#if plan.saver.state === 'deleted'}
      <p role="alert" class="mx-6 mb-2 flex flex-wrap items-center gap-4 rounded-xl bg-sand px-4 py-2">
        This class was deleted elsewhere. What you have here is kept in this browser.
        <button class="press-deep" onclick={() => void plan.saver.putBack()}>Put it back on the shelf</button>
      </p>
    {/if}
    {#if plan.offline}
      <p role="status" class="mx-6 mb-2 rounded-xl bg-sand px-4 py-2">
        The server cannot be reached. Go on: what you change is kept here and sent later. Time and findings
        are those of before, and what needs them waits.
      </p>
    {/if}
    {#if plan.saver.wasMs !== null && plan.score}
      <p role="status" class="mx-6 mb-2 flex flex-wrap items-center gap-4 rounded-xl bg-sand px-4 py-2">
        This class was {clock(plan.saver.wasMs)}, now it is {clock(plan.score.totalMs)}. Nothing in it has
        changed: its time is worked out anew, by how long such lines take when they are taught.
        <button class="press" onclick={() => void fit()}>Fit it to its minutes</button>
        <button class="press" onclick={() => (plan.saver.wasMs = null)}>Close</button>
      </p>
    {/if}
    <NextTime id={params.id} />
    {#if plan.saver.rescued}
      <p role="status" class="mx-6 mb-2 rounded-xl bg-sand px-4 py-2">{plan.saver.rescued}</p>
    {/if}
    {#if plan.trouble ?? catalogue.trouble}
      <p role="alert" class="mx-6 mb-2 rounded-xl bg-sand px-4 py-2">{plan.trouble ?? catalogue.trouble}</p>
    {/if}
    <TideLine
      {tide}
      playhead={playback.ms ?? startOf(plan.selected) ?? null}
      onseek={seek}
      onborder={border}
      onzoom={(zoom) => (plan.detailed = zoom > 1 || playback.playing)}
    />
    <div class="flex flex-wrap items-center justify-between gap-x-2 pr-4">
      <PlanTabs id={params.id} {view} />
      {#if view === 'score'}<LineTools {plan} {finding} onfind={() => (finding = !finding)} />{/if}
    </div>
    {#if view !== 'score'}
      <main class="min-h-0 flex-1 overflow-y-auto pt-4 max-md:overflow-visible">
        {#if !plan.score}<p class="px-6 text-muted" role="status">Working it out</p>
        {:else if view === 'brief'}<BriefView {plan} />
        {:else if view === 'script'}{#await import('./ScriptView.svelte') then { default: ScriptView }}<ScriptView
              {plan}
            />{/await}
        {:else if view === 'sides'}<SidesView {plan} ongo={go} />
        {:else if view === 'body'}<BodyView {plan} ongo={go} />
        {:else if view === 'bring'}<BringView {plan} ongo={go} />
        {:else if view === 'people'}<PeopleView {plan} ongo={go} />
        {:else if view === 'log'}{#await import('./LogView.svelte') then { default: LogView }}<LogView
              {plan}
              id={params.id}
            />{/await}
        {:else}<VersionsView {plan} />{/if}
      </main>
    {:else}
      <main
        class="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px] max-lg:grid-cols-[minmax(0,1fr)_252px] max-md:grid-cols-1"
      >
        <!-- Scrolled with the keyboard too, so it takes the focus. -->
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <div
          class="overflow-y-auto contain-content max-md:overflow-visible max-md:contain-none pl-10 max-md:pl-6"
          tabindex="0"
          role="region"
          aria-label="The class, line by line"
        >
          <ScoreView {plan} {sections} onfind={() => (finding = true)} />
        </div>
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <aside
          class="overflow-y-auto px-5 pt-3 pb-10 contain-content max-md:overflow-visible max-md:contain-none"
          tabindex="0"
          aria-label="Soundings and time"
        >
          {#if fitting.open}<FitPanel {plan} {fitting} {sections} ongo={go} />{/if}
          {#if finding}<Finder {plan} onclose={closeFinder} />{/if}
          <Preview {plan} {playback} startMs={startOf(plan.selected)} />
          <LineDetails {plan} />
          <Soundings {plan} ongo={go} />
          {#if plan.score}<TimeSpent score={plan.score} {sections} ongo={go} />{/if}
        </aside>
      </main>
    {/if}
  {:else if plan.trouble ?? catalogue.trouble}
    <main class="mx-auto max-w-xl p-10">
      <h1 class="text-3xl">The class did not open</h1>
      <p role="alert" class="my-4">{plan.trouble ?? catalogue.trouble}</p>
      <button class="press-deep" onclick={() => void open()}>Try again</button>
      <a class="press ml-2 inline-flex items-center" href="#/">To the shelf</a>
    </main>
  {:else}
    <p class="p-10 text-muted" role="status">Opening the class</p>
  {/if}
</div>
