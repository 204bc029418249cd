import type { BetweenRow } from './rows';
import { isWait } from '../document/edits';

/** By how much a key or a button changes talk or waiting. */
export const secondsStep = 5;
/** The most a class file may have. */
export const mostSeconds = 3600;

export const clampSeconds = (seconds: number) => Math.min(mostSeconds, Math.max(1, Math.round(seconds)));

/** The seconds as written, or as long as the words take. */
export function secondsOf({ item, score }: BetweenRow): number {
  if (isWait(item)) return item.wait;
  const once = score?.occurrences[0]?.ms ?? 0;
  return item.seconds ?? Math.round(once / 1000);
}
