import { expect, test } from 'vitest';
import type { Condition } from '../lib/api/client';
import { saySwap, shortSwap, whatOf, type Names, type Swap } from './swaps';

const names: Names = {
  conditions: [
    { id: 'wrist', name: 'Wrist or thumb' } as Condition,
    { id: 'knee', name: 'Knee' } as Condition,
  ],
  moves: new Map([['seated-cat-cow', { name: 'Cat and cow, sitting' }]]),
  positions: new Map([['chair-edge', { name: 'Front of the chair' }]]),
};
const swap: Swap = {
  id: 'wrist',
  with: ['wrist'],
  people: 2,
  movement: 'leave-out',
  here: 'fine',
  advice: 'leave-out',
  from: 'shape',
  because: 'the hands bear weight, bent back',
  how: 'on fists or forearms',
  only: null,
  to: null,
  instead: [
    { move: 'seated-cat-cow', position: 'chair-edge', option: 'base', advice: 'fine', why: 'it is picked' },
  ],
  meanwhile: null,
};

test('a swap says who, what and why', () => {
  expect(saySwap(swap, names, 'all-fours')).toBe(
    'Wrist or thumb (2): Cat and cow, sitting, front of the chair instead; the hands bear weight, bent back',
  );
});

test('what somebody has is said together', () => {
  expect(saySwap({ ...swap, with: ['wrist', 'knee'] }, names)).toContain('Wrist or thumb, and knee (2)');
});

test('another way names option and place, but not the place everybody is in', () => {
  const other: Swap = { ...swap, advice: 'another-way', to: { position: 'chair-edge', option: 'easier' } };
  expect(whatOf(other, names, 'all-fours')).toBe('the easier option, front of the chair');
  expect(whatOf(other, names, 'chair-edge')).toBe('the easier option');
});

test('smaller says how, and on which side', () => {
  expect(whatOf({ ...swap, advice: 'smaller', only: 'right' }, names)).toBe(
    'smaller on the right side: on fists or forearms',
  );
});

test('where nothing stands in, it says what they do meanwhile', () => {
  expect(whatOf({ ...swap, instead: [], meanwhile: 'rest on the side and breathe on' }, names)).toBe(
    'they rest on the side and breathe on',
  );
});

test('in a line there is room for who and what', () => {
  expect(shortSwap(swap, names)).toBe('wrist 2: Cat and cow, sitting');
  expect(shortSwap({ ...swap, instead: [] }, names)).toBe('wrist 2: leave out');
  expect(shortSwap({ ...swap, advice: 'smaller' }, names)).toBe('wrist 2: smaller');
});
