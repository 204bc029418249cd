import { expect, test } from 'vitest';
import { cautionsOf, rewritten, said, type Caution } from './cautions';

const before: Caution[] = ['Slowly', { for: ['wrist'], advice: 'smaller', say: 'Sore wrists: on fists' }];

test('cautions are read as their words', () => {
  expect(cautionsOf(before).map(said)).toEqual(['Slowly', 'Sore wrists: on fists']);
  expect(cautionsOf(undefined)).toEqual([]);
});

test('whom a caution is for is not lost when another line changes, comes or goes', () => {
  expect(rewritten(before, 'Very slowly\nSore wrists: on fists')).toEqual(['Very slowly', before[1]]);
  expect(rewritten(before, 'Sore wrists: on fists')).toEqual([before[1]]);
  expect(rewritten(before, 'Slowly\nNew\nSore wrists: on fists\n')).toEqual(['Slowly', 'New', before[1]]);
});

test('reworded in its place it is still for the same people', () => {
  expect(rewritten(before, 'Slowly\nSore wrists: on forearms')).toEqual([
    'Slowly',
    { for: ['wrist'], advice: 'smaller', say: 'Sore wrists: on forearms' },
  ]);
});
