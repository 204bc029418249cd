import { expect, test } from 'vitest';
import type { Move } from '../lib/api/client';
import { shownIn } from './words';

test('a move is shown where it was worked out to be, unless it cannot be there', () => {
  const move = { positions: ['seated-cross', 'chair-edge'] } as Move;
  expect(shownIn(move, 'chair-edge')).toBe('chair-edge');
  // Another move has taken the line's place, and the answer is still about the one before.
  expect(shownIn(move, 'all-fours')).toBe('seated-cross');
  expect(shownIn(move, null)).toBe('seated-cross');
  expect(shownIn(undefined, undefined)).toBe('');
});
