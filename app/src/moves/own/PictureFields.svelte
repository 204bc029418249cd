<script lang="ts">
  import Figure from '../../figures/Figure.svelte';
  import type { Preview } from '../../lib/api/client';
  import type { OwnMoveText } from './ownMove.svelte';
  import SignFields from './SignFields.svelte';

  const { move, preview }: { move: OwnMoveText; preview: Preview | null } = $props();

  // As many moments as a card has room for.
  const most = 4;

  const closeUps = [
    ['', 'all of the body'],
    ['face', 'the face'],
    ['head', 'head and shoulders'],
    ['arms', 'head, arms and hands'],
    ['hands', 'the hands'],
    ['hand', 'one hand'],
    ['feet', 'the feet'],
    ['foot', 'one foot and the hands at it'],
    ['lap', 'lap and hands'],
  ] as const;

  const sliders = [
    ['Walk round it', -180, 180, 'from the front'],
    ['Look from above', 0, 60, 'from above'],
  ] as const;

  const phases = $derived(preview?.phases ?? []);
  const shown = $derived.by(() => {
    const picture = move.get(['picture']);
    return Array.isArray(picture) ? (picture as number[]) : typeof picture === 'number' ? [picture] : [];
  });
  // A text may leave the second number out, or both; then it is seen from its usual place.
  const view = $derived.by(() => {
    const written = (move.get(['view']) as number[] | undefined) ?? [];
    return sliders.map((_, i) => written[i] ?? preview?.stage.view[i] ?? 0);
  });

  function show(phase: number, on: boolean) {
    const next = on ? [...shown, phase].sort((a, b) => a - b) : shown.filter((n) => n !== phase);
    if (next.length) move.set(['picture'], next);
    else move.remove(['picture']);
  }

  const close = (value: string) => (value ? move.set(['closeUp'], value) : move.remove(['closeUp']));
  const look = (slider: number, degrees: number) =>
    move.set(
      ['view'],
      view.map((v, i) => Math.round(i === slider ? degrees : v)),
    );
</script>

<section class="mt-5" aria-label="The picture">
  <h2 class="text-[19px]">Its picture</h2>
  <div class="mt-2 flex flex-wrap gap-x-6 gap-y-3">
    <div class="self-start rounded-2xl bg-sand p-2">
      <Figure figure={preview?.picture} label="As on cards and lines" width={168} height={132} />
    </div>
    <div class="min-w-[220px] flex-1 space-y-3">
      <fieldset>
        <legend class="text-[13.5px] text-muted"
          >Moments, up to four; none chosen shows the one that is stayed in</legend
        >
        <div class="flex flex-wrap gap-x-4">
          {#each phases as p, i (i)}
            <label class="flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                checked={shown.includes(i + 1)}
                disabled={!shown.includes(i + 1) && shown.length >= most}
                onchange={(e) => show(i + 1, e.currentTarget.checked)}
              />Phase {i + 1}, {p.breath}</label
            >
          {/each}
        </div>
      </fieldset>
      <label class="block max-w-[240px]"
        ><span class="text-[13.5px] text-muted">Shows</span>
        <select class="field" value={move.word(['closeUp'])} onchange={(e) => close(e.currentTarget.value)}>
          {#each closeUps as [id, name] (id)}<option value={id}>{name}</option>{/each}
        </select></label
      >
      {#each sliders as [label, from, to, meaning], i (label)}
        <label class="block max-w-[240px]"
          ><span class="flex justify-between text-[13.5px] text-muted"
            ><span>{label}</span><span>{Math.round(view[i] ?? 0)}°</span></span
          >
          <input
            class="w-full"
            type="range"
            min={from}
            max={to}
            value={view[i]}
            aria-valuetext="{Math.round(view[i] ?? 0)} degrees {meaning}"
            oninput={(e) => look(i, e.currentTarget.valueAsNumber)}
          /></label
        >
      {/each}
      <SignFields {move} />
    </div>
  </div>
</section>
