import type { Condition, Score } from '../lib/api/client';

type Swap = Score['swaps'][number];

/** One swap as a teacher reads it. */
export function saySwap(swap: Swap, condition: Condition | undefined): string {
  const who = `${condition?.name ?? swap.condition} (${swap.people})`;
  const what = swap.instead
    ? `${swap.instead} instead`
    : swap.advice === 'smaller'
      ? 'smaller, or the easier option'
      : swap.advice === 'leave-out'
        ? 'leave it out and breathe'
        : `offer ${firstOffer(condition)}`;
  return `${who}: ${what}; ${swap.because}`;
}

const advised: Partial<Record<string, string>> = { smaller: 'smaller', 'leave-out': 'leave out' };

/** In a line there is room for who and what. */
export function shortSwap(swap: Swap, condition: Condition | undefined): string {
  const who = (condition?.name ?? swap.condition)
    .split(/[,(]| or /)[0]!
    .trim()
    .toLowerCase();
  return `${who} ${swap.people}: ${swap.instead ?? advised[swap.advice] ?? 'swap'}`;
}

const firstOffer = (condition: Condition | undefined) =>
  condition ? condition.offer.split(/[,;]/)[0]!.toLowerCase() : 'something else';
