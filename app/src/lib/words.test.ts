import { expect, it } from 'vitest';
import { plain, unitFor } from './words';

it.each([
  ['side-body', 'side body'],
  ['wrists-hands', 'wrists and hands'],
  ['neck', 'neck'],
])('says %s as %s', (id, said) => {
  expect(plain(id)).toBe(said);
});

it('says one of a unit in the singular', () => {
  expect([unitFor(1, 'breaths'), unitFor(2, 'breaths'), unitFor(1, 'rounds')]).toEqual([
    'breath',
    'breaths',
    'round',
  ]);
});
