import { expect, test } from 'vitest';
import type { Condition, LineScore } from '../lib/api/client';
import { beside, elsewhereOf, saySwap, shortSwap, standIn, whatOf, type Names, type Swap } from './swaps';

const names: Names = {
  conditions: [
    { id: 'wrist', name: 'Wrist or thumb' } as Condition,
    { id: 'knee', name: 'Knee' } as Condition,
  ],
  moves: new Map([
    ['seated-cat-cow', { name: 'Cat and cow, sitting', positions: ['chair-edge', 'seated-cross'] }],
  ]),
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
    'Wrist or thumb (2): leave out, Cat and cow, sitting, front of the chair instead; because the hands bear weight, bent back',
  );
});

test('what somebody has is said together', () => {
  expect(saySwap({ ...swap, with: ['wrist', 'knee'] }, names)).toContain('Wrist or thumb, and knee (2)');
});

test('another way names option and place, but not the place everybody is in', () => {
  const to = { position: 'chair-edge', option: 'easier', cue: 'Half as far' };
  const other: Swap = { ...swap, advice: 'another-way', to, how: '' };
  expect(whatOf(other, names, 'all-fours')).toBe('front of the chair, easier: half as far');
  expect(whatOf(other, names, 'chair-edge')).toBe('easier: half as far');
});

test('smaller says how, and on which side', () => {
  expect(whatOf({ ...swap, advice: 'smaller', only: 'right' }, names)).toBe(
    'on fists or forearms on the right side',
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

test('a move of one position does not say it again', () => {
  const bow = new Map([['bow', { name: 'Bow at the wall', positions: ['hands-on-wall'] }]]);
  const instead = {
    move: 'bow',
    position: 'hands-on-wall',
    option: 'base',
    advice: 'fine' as const,
    why: '',
  };
  expect(standIn(instead, { ...names, moves: bow }, 'standing-fold')).toBe('Bow at the wall');
});

test('a place that somebody takes for several lines in a row is said once', () => {
  const place: Swap = {
    ...swap,
    movement: 'fine',
    advice: 'another-way',
    how: '',
    to: { position: 'chair-edge', option: 'base', cue: null },
  };
  const line = (id: string, position: string, conditions?: Swap[]) =>
    ({ id, position, conditions }) as LineScore;
  const found = elsewhereOf([
    line('a', 'seated-cross', [place]),
    line('b', 'seated-cross', [place, { ...swap, advice: 'smaller' }]),
    line('c', 'standing'),
    line('d', 'heel-sit', [place]),
    line('e', 'seated-cross', [place]),
  ]);
  expect(found.map((f) => [f.from.id, f.to.id, f.position])).toEqual([
    ['a', 'b', 'seated-cross'],
    ['d', 'd', 'heel-sit'],
    ['e', 'e', 'seated-cross'],
  ]);
});

test('what is smaller in the other place is still said in the line', () => {
  const to = { position: 'chair-edge', option: 'base', cue: null };
  const both: Swap = { ...swap, advice: 'another-way', to, how: 'arms low' };
  expect(beside(both, 'seated-cross')).toMatchObject({ advice: 'smaller', how: 'arms low' });
  expect(beside({ ...both, how: '' }, 'seated-cross')).toBeNull();
  expect(beside(both, 'chair-edge')).toBe(both);
});
