<script lang="ts">
  import Figure from '../../figures/Figure.svelte';
  import { api, type Body, type BodyAxis, type Figure as Drawing, type Stage } from '../../lib/api/client';

  interface Props {
    figure: Drawing;
    /** The frame around all of the motion. */
    box: number[];
    body: Body;
    stage: Stage;
    axes: BodyAxis[];
    label: string;
    width: number;
    height: number;
    /** The angles that changed, when the handle is let go. */
    onshape: (angles: Record<string, number>) => void;
  }

  const { figure, box, body, stage, axes, label, width, height, onshape }: Props = $props();

  const names: Record<string, string> = {
    head: 'Head',
    'right.hand': 'Right hand',
    'left.hand': 'Left hand',
    'right.elbow': 'Right elbow',
    'left.elbow': 'Left elbow',
    'right.knee': 'Right knee',
    'left.knee': 'Left knee',
    'right.foot': 'Right foot',
    'left.foot': 'Left foot',
  };
  // One press of an arrow key, in thousandths of a stature.
  const keyStep = 15;
  const worthWriting = 0.75;

  let held = $state<string | null>(null);
  let live = $state.raw<{ body: Body; figure: Drawing } | null>(null);
  let svg: SVGGElement | undefined = $state();
  let wanted: [number, number] | null = null;
  let asking = false;

  const shown = $derived({ ...(live?.figure ?? figure), box });
  const handles = $derived((live?.body ?? body).handles);

  function take(name: string, event: PointerEvent) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    [held, live] = [name, { body, figure }];
  }

  function drag(event: PointerEvent) {
    if (!held || !svg) return;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
    void towards([point.x, point.y]);
  }

  function key(name: string, event: KeyboardEvent) {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    if (held !== name) [held, live] = [name, { body, figure }];
    const at = handles.find((h) => h.name === name)!;
    void towards([at.x + by[0]! * keyStep, at.y + by[1]! * keyStep]);
  }

  /** One question at a time; of those that come meanwhile only the last is asked. */
  async function towards(to: [number, number]) {
    wanted = to;
    if (asking || !held) return;
    asking = true;
    const handle = held;
    while (wanted && live) {
      const target: [number, number] = wanted;
      wanted = null;
      const { data } = await api.POST('/api/body/solve', {
        body: { ...stage, angles: live.body.angles, pelvis: live.body.pelvis, handle, to: target },
      });
      if (!data || !live) break;
      live = data;
    }
    asking = false;
    if (!held) letGo();
  }

  function release() {
    if (!held) return;
    held = null;
    if (!asking) letGo();
  }

  function letGo() {
    const after = live?.body.angles;
    live = null;
    if (!after) return;
    const changed = axes.flatMap((axis, i) =>
      Math.abs(after[i]! - body.angles[i]!) > worthWriting ? [[axis.name, after[i]!] as const] : [],
    );
    if (changed.length > 0) onshape(Object.fromEntries(changed));
  }
</script>

<Figure figure={shown} {label} {width} {height}>
  <g bind:this={svg}>
    {#each handles as handle (handle.name)}
      <circle
        class={[handle.name.split('.')[0], held === handle.name && 'held']}
        cx={handle.x}
        cy={handle.y}
        r="20"
        tabindex="0"
        role="button"
        aria-label="{names[handle.name]}: drag it, or move it with the arrow keys"
        onpointerdown={(event) => take(handle.name, event)}
        onpointermove={drag}
        onpointerup={release}
        onpointercancel={release}
        onkeydown={(event) => key(handle.name, event)}
        onkeyup={release}
        onblur={release}
      />
    {/each}
  </g>
</Figure>

<style>
  circle {
    fill: var(--ground);
    fill-opacity: 0.35;
    stroke: var(--deep);
    stroke-width: 6;
    cursor: grab;
    touch-action: none;
  }
  circle:hover,
  circle:focus-visible,
  .held {
    fill-opacity: 0.9;
    outline: none;
    stroke-width: 9;
  }
  .held {
    cursor: grabbing;
  }
</style>
