import type { LineSet } from '../lib/api/client';

/** How a set is taken, as a person says it. */
export const roundsText = (rounds: NonNullable<LineSet['set']['rounds']>) =>
  typeof rounds === 'number' ? `${rounds} times` : rounds.join(' then ');
