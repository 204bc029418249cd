/** A slider: the axis as authors name it (without its side), what it is called, and what its two ends are. */
export interface Slider {
  axis: string;
  name: string;
  least: string;
  most: string;
}

export interface Region {
  id: string;
  name: string;
  /** Whether right and left have it each. */
  sided: boolean;
  sliders: Slider[];
}

const slider = (axis: string, name: string, least: string, most: string): Slider => ({
  axis,
  name,
  least,
  most,
});

export const regions: Region[] = [
  {
    id: 'spine',
    name: 'Back',
    sided: false,
    sliders: [
      slider('spine.flexion', 'Round or arch', 'arch', 'round'),
      slider('spine.side', 'Lean', 'left', 'right'),
      slider('spine.rotation', 'Turn', 'left', 'right'),
    ],
  },
  {
    id: 'neck',
    name: 'Neck',
    sided: false,
    sliders: [
      slider('neck.flexion', 'Nod', 'back', 'down'),
      slider('neck.side', 'Tilt', 'left', 'right'),
      slider('neck.rotation', 'Turn', 'left', 'right'),
    ],
  },
  {
    id: 'arm',
    name: 'Arms',
    sided: true,
    sliders: [
      slider('shoulder.elevation', 'Lift', 'hanging', 'overhead'),
      slider('shoulder.plane', 'By way of', 'behind', 'across'),
      slider('shoulder.turn', 'Turn', 'in', 'out'),
      slider('elbow', 'Elbow', 'straight', 'bent'),
      slider('forearm', 'Palm', 'up', 'down'),
      slider('wrist', 'Wrist', 'back', 'down'),
      slider('girdle.up', 'Shoulder', 'down', 'up'),
      slider('girdle.forward', 'Shoulder blade', 'back', 'forward'),
    ],
  },
  {
    id: 'leg',
    name: 'Legs',
    sided: true,
    sliders: [
      slider('hip.flexion', 'Hip', 'back', 'forward'),
      slider('hip.abduction', 'Apart', 'across', 'wide'),
      slider('hip.turn', 'Turn', 'in', 'out'),
      slider('knee', 'Knee', 'straight', 'bent'),
      slider('ankle', 'Foot', 'pointed', 'drawn up'),
      slider('toe', 'Big toe', 'down', 'up'),
    ],
  },
  {
    id: 'pelvis',
    name: 'Pelvis',
    sided: false,
    sliders: [
      slider('pelvis.pitch', 'Tip', 'back', 'forward'),
      slider('pelvis.lean', 'Lean', 'left', 'right'),
      slider('pelvis.turn', 'Turn', 'left', 'right'),
    ],
  },
];

export type Sides = 'both' | 'right' | 'left';

/** The names under which a slider is written: of one side, or of both. */
export function written(region: Region, { axis }: Slider, sides: Sides): string {
  return region.sided && sides !== 'both' ? `${sides}.${axis}` : axis;
}

/** The axes of the body that a written name stands for. */
export function axesOf(name: string): string[] {
  if (name.startsWith('spine.')) return [name.replace('spine', 'lower'), name.replace('spine', 'upper')];
  const sided = regions.find((r) => r.sided && r.sliders.some((s) => s.axis === name));
  return sided ? [`right.${name}`, `left.${name}`] : [name];
}

/** Angles of one side as angles of both. */
export const onBothSides = (angles: Record<string, number>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(angles).map(([name, degrees]) => [name.replace(/^(right|left)\./, ''), degrees]),
  );
