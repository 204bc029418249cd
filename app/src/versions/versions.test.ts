import { describe, expect, test } from 'vitest';
import type { ClassFile, Move } from '../lib/api/client';
import { lineOf, moveTo, removeItem, wrap, insertLine, placeOf } from '../score/edits';
import { changes } from './changes';
import { both } from './merge';

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

describe('both', () => {
  const merged = (mine: (d: ClassFile) => unknown, theirs: (d: ClassFile) => unknown) =>
    both(base(), edited(mine), edited(theirs));
  const ids = (document: ClassFile) =>
    document.sections.map((s) => (s.items ?? []).map((i) => i.id).join(' '));

  test('changes of different lines are both there', () => {
    const { document, clashes } = merged(
      (d) => (lineOf(d, 'a')!.breaths = 6),
      (d) => ((lineOf(d, 'c')!.breaths = 9), (d.minutes = 30)),
    );
    expect([lineOf(document, 'a')!.breaths, lineOf(document, 'c')!.breaths, document.minutes]).toEqual([
      6, 9, 30,
    ]);
    expect(clashes).toEqual([]);
  });

  test('of two changes of one field mine stands, and it is told', () => {
    const { document, clashes } = merged(
      (d) => (lineOf(d, 'a')!.breaths = 6),
      (d) => (lineOf(d, 'a')!.breaths = 9),
    );
    expect(lineOf(document, 'a')!.breaths).toBe(6);
    expect(clashes).toEqual(['a']);
  });

  test('what each put in, moved and took out is done', () => {
    const { document } = merged(
      (d) => (insertLine(d, { move: 'cat' }, 'a'), removeItem(d, 'c')),
      (d) => (moveTo(d, ['b'], 'd', 'after'), insertLine(d, { move: 'twist' }, 'd')),
    );
    // Both called what they put in l7.
    expect(ids(document)).toEqual(['a l7b', 'd l7 b']);
    expect(lineOf(document, 'l7b')!.move).toBe('cat');
    expect(lineOf(document, 'l7')!.move).toBe('twist');
  });

  test('what I took out stays where they changed it', () => {
    const { document } = merged(
      (d) => removeItem(d, 'b'),
      (d) => (lineOf(d, 'b')!.rounds = 8),
    );
    expect(lineOf(document, 'b')!.rounds).toBe(8);
  });

  test('what I changed comes back where they took it out', () => {
    const { document } = merged(
      (d) => (lineOf(d, 'b')!.rounds = 8),
      (d) => removeItem(d, 'b'),
    );
    expect(ids(document)[0]).toBe('a b c');
    expect(lineOf(document, 'b')!.rounds).toBe(8);
  });

  test('a set I made holds its lines once', () => {
    const { document } = merged(
      (d) => wrap(d, ['a', 'b'], 2),
      (d) => (lineOf(d, 'a')!.breaths = 9),
    );
    expect(placeOf(document, 'a')!.within?.set.items.map((i) => i.id)).toEqual(['a', 'b']);
    expect(lineOf(document, 'a')!.breaths).toBe(9);
    expect(ids(document)).toEqual([placeOf(document, 'a')!.within!.id + ' c', 'd']);
  });

  test('merging with what did not change is the other one', () => {
    const change = (d: ClassFile) => (
      moveTo(d, ['a'], 'd', 'after'),
      removeItem(d, 'b'),
      insertLine(d, { move: 'cat' }, 'c')
    );
    expect(merged(change, () => undefined).document).toEqual(edited(change));
    expect(merged(() => undefined, change).document).toEqual(edited(change));
  });
});
