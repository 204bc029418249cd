import type { Score } from '../lib/api/client';

export type ScoreEvent = NonNullable<Score['events']>[number];

/** The event that is going on at a time; events tile the time, those without length take none of it. */
export function eventAt(events: readonly ScoreEvent[], ms: number): ScoreEvent | undefined {
  let [low, high] = [0, events.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (events[middle]!.atMs <= ms) low = middle + 1;
    else high = middle;
  }
  for (let i = low - 1; i >= 0; i--) if (events[i]!.ms > 0) return events[i];
  return events[0];
}

/** How far the breath lifts the water: 0 emptied, 1 full, at the ends of each breath. */
export function ripple(events: readonly ScoreEvent[], fromMs: number, toMs: number): number[][] {
  const points: number[][] = [];
  let lift = 0;
  for (const event of events) {
    if (event.ms === 0 || event.atMs + event.ms < fromMs) continue;
    if (event.atMs > toMs) break;
    if (points.length === 0) points.push([event.atMs, lift]);
    if (event.kind === 'breath' && (event.phase === 'stay' || event.phase === 'free')) {
      // A breath of a stay goes in and out within it.
      points.push([event.atMs + event.ms * 0.45, 1], [event.atMs + event.ms, 0]);
      lift = 0;
      continue;
    }
    if (event.kind === 'breath' && event.phase === 'in') lift = 1;
    else if ((event.kind === 'breath' && event.phase === 'out') || event.kind === 'way') lift = 0;
    points.push([event.atMs + event.ms, lift]);
  }
  return points;
}
