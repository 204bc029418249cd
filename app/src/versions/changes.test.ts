import { describe, expect, test } from 'vitest';
import type { ClassFile, Move } from '../lib/api/client';
import { insertItems, insertLine, lineOf, moveTo, removeItem, wrap } from '../document/edits';
import { changes } from './changes';

const moves = new Map<string, Move>([
  ['twist', { id: 'twist', name: 'Seated twist', sides: 'one-sided' } as Move],
  ['cat', { id: 'cat', name: 'Cat and cow', sides: 'none' } as Move],
]);

const base = (): ClassFile => ({
  title: 'Quay',
  minutes: 20,
  sections: [
    {
      id: 's1',
      name: 'Warm',
      items: [
        { id: 'a', move: 'twist', breaths: 3 },
        { id: 'b', move: 'cat', rounds: 5 },
        { id: 'c', move: 'twist', breaths: 4, sides: 'right' },
      ],
    },
    { id: 's2', name: 'Rest', items: [{ id: 'd', move: 'cat' }] },
  ],
});
const edited = (edit: (document: ClassFile) => unknown) => {
  const document = base();
  edit(document);
  return document;
};
const told = (edit: (document: ClassFile) => unknown) =>
  changes(base(), edited(edit), moves).map((c) => c.text);

describe('differences', () => {
  test('nothing differs from itself, nor from the same in another order or with empty fields', () => {
    expect(told(() => undefined)).toEqual([]);
    expect(
      told((d) => Object.assign(lineOf(d, 'a')!, { note: '', locked: false, talk: null, say: {} })),
    ).toEqual([]);
  });

  test.each<[string, (document: ClassFile) => unknown, string[]]>([
    ['a dose', (d) => (lineOf(d, 'a')!.breaths = 5), ['Seated twist: 3 breaths → 5 breaths']],
    [
      'another unit',
      (d) => (delete lineOf(d, 'a')!.breaths, (lineOf(d, 'a')!.seconds = 40)),
      ['Seated twist: 3 breaths → 40 seconds'],
    ],
    ['sides', (d) => (lineOf(d, 'c')!.sides = 'left-right'), ['Seated twist: right → left then right']],
    ['a line that is gone', (d) => removeItem(d, 'b'), ['Cat and cow is gone']],
    ['a line that is new', (d) => insertLine(d, { move: 'cat' }, 'd'), ['Cat and cow is new, in Rest']],
    ['one line that moved', (d) => moveTo(d, ['a'], 'c', 'after'), ['Seated twist has moved']],
    ['a line in another section', (d) => moveTo(d, ['a'], 'd', 'after'), ['Seated twist has moved, in Rest']],
    ['minutes', (d) => (d.minutes = 25), ['minutes 20 → 25']],
    ['talk', (d) => insertItems(d, [{ talk: 'Welcome' }], 'd'), ['Talk “Welcome” is new, in Rest']],
    ['waiting', (d) => insertItems(d, [{ wait: 30 }], 'd'), ['Waiting 30 s is new, in Rest']],
    [
      'going on, and a pause in seconds',
      (d) => Object.assign(lineOf(d, 'c')!, { goesOn: true, pauseAfter: { seconds: 10 } }),
      ['Seated twist: goes on from the line before; pause after none → 10 seconds'],
    ],
    [
      'words',
      (d) => (lineOf(d, 'a')!.talk = 'Sit tall and turn '.repeat(4)),
      ['Seated twist: talk-in changed'],
    ],
    [
      'a set around lines',
      (d) => wrap(d, ['a', 'b'], 2),
      [
        'the set 2 times is new, in Warm',
        'Seated twist has moved, in the set 2 times',
        'Cat and cow has moved, in the set 2 times',
      ],
    ],
  ])('%s', (_, edit, expected) => expect(told(edit)).toEqual(expected));
});
