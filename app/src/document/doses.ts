import type { Line } from '../lib/api/client';

export const units = ['breaths', 'rounds', 'beats', 'seconds'] as const;
export type Unit = (typeof units)[number];

/** The most of each that a class file may have. */
export const mostOf: Record<Unit, number> = { breaths: 200, rounds: 200, beats: 500, seconds: 3600 };

/** The unit a line has its dose in, where it has one of its own. */
export const unitOf = (line: Line): Unit | undefined => units.find((unit) => line[unit] != null);

/** By how much a key or a button changes a dose; what alternates ends even. */
export function stepOf(unit: Unit, alternating: boolean): number {
  const step = unit === 'seconds' ? 15 : unit === 'beats' ? 4 : 1;
  return alternating ? step * 2 : step;
}
