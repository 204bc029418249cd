/** Where an area lies on the drawn body: ellipses of the right half as seen from the front or the back, x outward from the middle. */
export interface Patch {
  area: string;
  face: 'front' | 'back';
  /** Middle outward, down, half width, half height, turn in degrees. */
  at: [number, number, number, number, number?];
}

const patch = (area: string, face: Patch['face'], ...at: Patch['at']): Patch => ({ area, face, at });

export const patches: Patch[] = [
  patch('jaw', 'front', 9, 62, 9, 9),
  patch('neck', 'front', 8, 84, 7, 12),
  patch('shoulders', 'front', 48, 108, 17, 15),
  patch('chest', 'front', 24, 132, 22, 20),
  patch('breath', 'front', 14, 172, 14, 16),
  patch('side-body', 'front', 36, 184, 9, 28, -4),
  patch('arms', 'front', 66, 160, 11, 36, -10),
  patch('wrists-hands', 'front', 88, 262, 12, 24, -12),
  patch('hip-front', 'front', 25, 240, 15, 20),
  patch('inner-thigh', 'front', 12, 306, 8, 38, 4),
  patch('thighs', 'front', 29, 308, 13, 44, 2),
  patch('feet', 'front', 30, 474, 14, 13),
  patch('neck', 'back', 8, 82, 8, 13),
  patch('shoulders', 'back', 46, 106, 19, 14),
  patch('upper-back', 'back', 21, 128, 20, 20),
  patch('mid-back', 'back', 19, 170, 18, 19),
  patch('low-back', 'back', 18, 210, 18, 17),
  patch('arms', 'back', 66, 160, 11, 36, -10),
  patch('outer-hip', 'back', 35, 244, 17, 19),
  patch('hamstrings', 'back', 25, 312, 17, 44, 2),
  patch('calves', 'back', 27, 402, 13, 38, 1),
  patch('feet', 'back', 28, 474, 11, 12),
];

/** How full a patch is: a minute a side is a tide coming in, five are high water. */
export function tint(ms: number): number {
  return ms <= 0 ? 0 : Math.min(1, 0.18 + (ms / 300_000) * 0.82);
}
