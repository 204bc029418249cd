import type { Taught } from '../lib/api/client';

/** An evening that had a forecast, and how it held. */
export interface Evening {
  id: string;
  at: string;
  plannedMs: number;
  fromMs: number;
  toMs: number;
  realMs: number;
  held: boolean;
}

/** The evenings that were planned, the oldest first. */
export const withForecast = (entries: readonly Taught[]): Evening[] =>
  entries
    .flatMap((e) =>
      e.likely && e.plannedMs
        ? [
            {
              id: e.id ?? e.at,
              at: e.at,
              plannedMs: e.plannedMs,
              ...e.likely,
              realMs: e.realMs,
              held: e.realMs >= e.likely.fromMs && e.realMs <= e.likely.toMs,
            },
          ]
        : [],
    )
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
