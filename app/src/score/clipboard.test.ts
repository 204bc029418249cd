import { expect, test } from 'vitest';
import type { Item, Move, Position } from '../lib/api/client';
import { MoveFinder } from '../moves/find';
import { itemsFrom, textOf } from './clipboard';

const move = (id: string, name: string, sides: Move['sides']) =>
  ({
    id,
    name,
    sides,
    traditional: '',
    names: [],
    areas: [],
    uses: [],
    positions: ['seated'],
    props: [],
    notFor: [],
    dose: { unit: 'breaths', least: 2, usual: 3, most: 6 },
  }) as unknown as Move;
const moves = new Map(
  [
    move('thread', 'Thread the needle', 'one-sided'),
    move('cat', 'Cat, then cow', 'none'),
    move('eagle', 'Eagle arms', 'crossing'),
  ].map((m) => [m.id, m]),
);
const finder = new MoveFinder([...moves.values()], new Map<string, Position>());
const names = { moves, positions: new Map([['seated', { name: 'Front of the chair' }]]) };
const read = (text: string) => itemsFrom(text, names, finder);

test('lines and sets go out as text and come back the same', () => {
  const items = [
    { move: 'thread', breaths: 3, sides: 'left-right' },
    {
      id: '',
      set: { name: '', rounds: ['right', 'left'], items: [{ move: 'cat', rounds: 6 }, { move: 'eagle' }] },
    },
    { id: '', set: { name: '', rounds: 3, items: [{ move: 'eagle', seconds: 40, sides: 'over' }] } },
    { move: 'thread', position: 'seated', option: 'easier', talk: 'Slowly: now\nand here' },
    { talk: 'Now the chairs, to the wall', seconds: 20 },
    { talk: 'Feel the shoulders' },
    { wait: 90, what: 'handling', note: 'chairs' },
    { move: 'cat', rounds: 3, perEnd: 2, eyes: 'shut', goesOn: true },
  ] as unknown as Item[];
  const text = textOf(items, names);
  expect(text).toBe(
    [
      'Thread the needle, 3 breaths, left then right',
      'Set: right then left',
      '  Cat, then cow, 6 rounds',
      '  Eagle arms (3 breaths)',
      'Set: 3 times',
      '  Eagle arms, 40 seconds, right on top',
      'Thread the needle (3 breaths), [Front of the chair], easier',
      '  Say: Slowly∶ now ⏎ and here',
      'Talk: Now the chairs, to the wall (20 s)',
      'Talk: Feel the shoulders',
      'Wait: 90 s, handling, chairs',
      'Cat, then cow, 3 rounds, 2 breaths at each end, eyes shut, goes on',
    ].join('\n'),
  );
  // The usual dose is said along, and stays the usual one.
  const eagle = { move: 'eagle' };
  expect(read(text)).toEqual({
    items: [
      items[0],
      {
        ...items[1],
        set: { name: '', rounds: ['right', 'left'], items: [{ move: 'cat', rounds: 6 }, eagle] },
      },
      ...items.slice(2),
    ],
    unclear: [],
  });
});

test('a list from elsewhere is read: bullets, numbers, slips, minutes', () => {
  expect(
    read('1. Thred the needle - 3 breaths\n\n• eagle arms; 2 minutes\n4:30 Cat, then cow\nWaiting: 2 minutes')
      .items,
  ).toEqual([
    { move: 'thread', breaths: 3 },
    { move: 'eagle', seconds: 120 },
    { move: 'cat' },
    { wait: 120, what: 'silence' },
  ]);
});

test('what is no move is told, and the rest is taken', () => {
  expect(read('Thread the needle\nbuy oranges and milk')).toEqual({
    items: [{ move: 'thread' }],
    unclear: ['buy oranges and milk'],
  });
});

test('a set of which nothing is understood is no set', () => {
  expect(read('Set: twice over\n  zzzz qqqq').items).toEqual([]);
});
