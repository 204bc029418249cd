import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import type { ClassFile, Item, Line } from '../lib/api/client';
import { both } from './merge';
import {
  addSection,
  insertLine,
  isSet,
  lineOf,
  moveTo,
  placeOf,
  removeItem,
  removeSection,
  setOf,
  wrap,
} from './edits';
import { outline, same } from './outline';

const base = (): ClassFile => ({
  title: 'Quay',
  minutes: 20,
  group: { size: 12, conditions: { wrist: 2 } },
  place: { limits: ['no-kneeling'], props: { block: 4 } },
  conventions: { firstSide: 'right' },
  tags: ['dusk'],
  sections: [
    {
      id: 's1',
      name: 'Warm',
      items: [
        { id: 'a', move: 'twist', breaths: 3 },
        {
          id: 't',
          set: {
            name: 'Chain',
            rounds: ['right', 'left'],
            items: [
              { id: 'b', move: 'bend' },
              { id: 'c', move: 'turn', note: 'slow' },
            ],
          },
        },
      ],
    },
    {
      id: 's2',
      name: 'Rest',
      items: [
        { id: 'd', move: 'rest' },
        { id: 'e', move: 'wake' },
      ],
    },
  ],
});

type Edit = (document: ClassFile) => unknown;
const edited = (edit: Edit) => {
  const document = base();
  edit(document);
  return document;
};
const merged = (here: Edit, there: Edit) => both(base(), edited(here), edited(there));
const idsIn = (document: ClassFile) => [...outline(document).keys()];
const add = (id: string, beside: string) => (d: ClassFile) => {
  const made = insertLine(d, { move: id }, beside);
  lineOf(d, made)!.id = id;
};

describe('both sides of a conflict in one class', () => {
  test.each<[string, Edit, Edit, (d: ClassFile) => unknown, unknown]>([
    [
      'what was added to a section that the other took out',
      add('new', 'd'),
      (d) => removeSection(d, 's2'),
      (d) => idsIn(d),
      ['s1', 'a', 't', 'b', 'c', 's2', 'new'],
    ],
    [
      'the same, the other way round',
      (d) => removeSection(d, 's2'),
      add('new', 'd'),
      (d) => idsIn(d),
      ['s1', 'a', 't', 'b', 'c', 's2', 'new'],
    ],
    [
      'what was added to a set that the other took out',
      add('new', 'c'),
      (d) => removeItem(d, 't'),
      (d) => idsIn(d),
      ['s1', 'a', 't', 'new', 's2', 'd', 'e'],
    ],
    [
      'a change in a class that the other emptied',
      (d) => (lineOf(d, 'c')!.note = 'slower'),
      (d) => (d.sections = []),
      (d) => idsIn(d),
      ['s1', 't', 'c'],
    ],
    [
      'one field of the group here, another there',
      (d) => (d.group = { ...d.group, size: 8 }),
      (d) => (d.group = { ...d.group, conditions: { wrist: 2, knee: 1 } }),
      (d) => d.group,
      { size: 8, conditions: { wrist: 2, knee: 1 } },
    ],
    [
      'a limit here, a prop there',
      (d) => d.place!.limits!.push('no-floor'),
      (d) => (d.place!.props!.strap = 6),
      (d) => d.place,
      { limits: ['no-kneeling', 'no-floor'], props: { block: 4, strap: 6 } },
    ],
    [
      'a tag each',
      (d) => (d.tags = ['dusk', 'mine']),
      (d) => (d.tags = ['theirs']),
      (d) => d.tags,
      ['theirs', 'mine'],
    ],
    [
      'a convention each',
      (d) => (d.conventions!.cues = 'mirror'),
      (d) => (d.conventions!.rollTo = 'left'),
      (d) => d.conventions,
      { firstSide: 'right', cues: 'mirror', rollTo: 'left' },
    ],
    [
      'a dose in another unit each: one dose',
      (d) => (delete lineOf(d, 'a')!.breaths, (lineOf(d, 'a')!.seconds = 40)),
      (d) => (lineOf(d, 'a')!.breaths = 5),
      (d) => lineOf(d, 'a'),
      { id: 'a', move: 'twist', seconds: 40 },
    ],
    [
      'a set that each emptied by half',
      (d) => removeItem(d, 'b'),
      (d) => removeItem(d, 'c'),
      (d) => idsIn(d),
      ['s1', 'a', 's2', 'd', 'e'],
    ],
    [
      'a line that was moved here and changed there',
      (d) => moveTo(d, ['a'], 'e', 'after'),
      (d) => (lineOf(d, 'a')!.note = 'x'),
      (d) => [idsIn(d), lineOf(d, 'a')!.note],
      [['s1', 't', 'b', 'c', 's2', 'd', 'e', 'a'], 'x'],
    ],
  ])('%s', (_, here, there, of, expected) => {
    expect(of(merged(here, there).document)).toEqual(expected);
  });

  test('what both changed differently is told, and mine stands', () => {
    const { document, clashes } = merged(
      (d) => ((lineOf(d, 'a')!.breaths = 5), (d.title = 'Mine')),
      (d) => ((lineOf(d, 'a')!.breaths = 7), (d.title = 'Theirs')),
    );
    expect([document.title, lineOf(document, 'a')!.breaths, clashes]).toEqual(['Mine', 5, ['a', null]]);
  });

  test('what one took out and the other worked on stays and is told', () => {
    expect(
      merged(
        (d) => removeItem(d, 'd'),
        (d) => (lineOf(d, 'd')!.note = 'long'),
      ).kept,
    ).toEqual(['d']);
  });

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

  test('what each put in under one id by chance has two', () => {
    const { document } = merged(add('new', 'a'), (d) => insertLine(d, { move: 'other' }, 'd'));
    const mine = merged(
      (d) => insertLine(d, { move: 'mine' }, 'a'),
      (d) => insertLine(d, { move: 'theirs' }, 'd'),
    ).document;
    expect(idsIn(document)).toHaveLength(10);
    expect(
      ['mine', 'theirs'].map((m) => [...outline(mine).values()].filter((e) => e.fields.move === m).length),
    ).toEqual([1, 1]);
  });

  test('a set I made holds its lines once', () => {
    const { document } = merged(
      (d) => wrap(d, ['a'], 2),
      (d) => (lineOf(d, 'a')!.breaths = 9),
    );
    expect(placeOf(document, 'a')!.within?.set.items.map((i) => i.id)).toEqual(['a']);
    expect(lineOf(document, 'a')!.breaths).toBe(9);
  });

  test('sets that were each put into the other still lie somewhere', () => {
    const two = base();
    wrap(two, ['a'], 2);
    const [first, second] = [two.sections[0]!.items![0]!.id!, 't'];
    const into = (what: string, where: string) => {
      const copy = structuredClone(two);
      moveTo(copy, [what], where, 'into');
      return copy;
    };
    const { document } = both(two, into(first, second), into(second, first));
    expect(new Set(idsIn(document))).toEqual(new Set(idsIn(two)));
  });
});

// Anything a teacher does to a class, as numbers that pick what and where.
const anyEdits = fc.array(fc.tuple(fc.nat(7), fc.nat(30), fc.nat(30)), { maxLength: 7 });

function after(edits: [number, number, number][], who: string): ClassFile {
  const document = base();
  edits.forEach(([what, x, y], n) => {
    const ids = [...outline(document).values()];
    const [one, other] = [ids[x % Math.max(1, ids.length)], ids[y % Math.max(1, ids.length)]];
    if (!one || !other) {
      addSection(document);
      return;
    }
    const line = lineOf(document, one.id);
    if (what === 0) {
      const made = insertLine(document, { move: `${who}${n}` }, one.id);
      lineOf(document, made)!.id = `${who}-${n}`;
    } else if (what === 1) removeItem(document, one.id);
    else if (what === 2) removeSection(document, one.id);
    else if (what === 3 && line) line.note = `${who}${n}`;
    else if (what === 4 && one.kind !== 'section') moveTo(document, [one.id], other.id, 'after');
    else if (what === 5 && line) wrap(document, [one.id], 2);
    else if (what === 6) (document.tags ??= []).push(`${who}${n}`);
    else if (what === 7 && setOf(document, one.id)) setOf(document, one.id)!.name = `${who}${n}`;
  });
  return document;
}

const items = (list: Item[]): Item[] => list.flatMap((i) => (isSet(i) ? [i, ...items(i.set.items)] : [i]));

test('nothing either side added or changed is gone without being said', () => {
  fc.assert(
    fc.property(anyEdits, anyEdits, (here, there) => {
      const [mine, theirs] = [after(here, 'm'), after(there, 't')];
      const { document, clashes } = both(base(), mine, theirs);
      const was = outline(base());
      const all = document.sections.flatMap((s) => items(s.items ?? []));
      for (const side of [mine, theirs])
        for (const entry of outline(side).values()) {
          const before = was.get(entry.id);
          if (entry.kind !== 'line' || (before && same(before.fields, entry.fields))) continue;
          const now = all.find(
            (i) =>
              !isSet(i) &&
              (i as Line).move === entry.fields.move &&
              same((i as Line).note, entry.fields.note),
          );
          if (!now && !clashes.includes(entry.id)) return false;
        }
      const ids = [...document.sections.map((s) => s.id), ...all.map((i) => i.id)];
      return (
        new Set(ids).size === ids.length &&
        all.every((i) => !isSet(i) || i.set.items.length > 0) &&
        [...(mine.tags ?? []), ...(theirs.tags ?? [])].every((t) => document.tags?.includes(t) ?? false)
      );
    }),
    { numRuns: 600 },
  );
});

test('both of what is the same is the same, and one side alone is that side', () => {
  fc.assert(
    fc.property(anyEdits, (edits) => {
      const mine = after(edits, 'm');
      return (
        same(both(base(), mine, base()).document, mine) && same(both(base(), base(), mine).document, mine)
      );
    }),
    // A set that goes to another section while its lines change places.
    {
      numRuns: 600,
      examples: [
        [
          [
            [4, 27, 4],
            [4, 26, 13],
          ],
        ],
      ],
    },
  );
});
