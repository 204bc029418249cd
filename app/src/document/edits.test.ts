import { beforeEach, describe, expect, test } from 'vitest';
import type { ClassFile, Item } from '../lib/api/client';
import {
  duplicate,
  freshId,
  insertLine,
  isSet,
  lineToFollow,
  lineOf,
  mergeSection,
  moveBy,
  removeItem,
  splitSection,
  unwrap,
  wrap,
} from './edits';

let plan: ClassFile;
const line = (id: string) => ({ id, move: id });
beforeEach(() => {
  plan = {
    title: 'x',
    minutes: 5,
    sections: [
      { id: 's1', name: 'One', items: [line('a'), line('b')] },
      {
        id: 's2',
        name: 'Two',
        items: [{ id: 't', set: { rounds: ['right', 'left'], items: [line('c'), line('d')] } }, line('e')],
      },
    ],
  } as unknown as ClassFile;
});

/** The class as one line: sections divided by /, sets in brackets. */
const shape = () =>
  plan.sections
    .map((s) => {
      const walk = (items: Item[]): string =>
        items.map((i) => (isSet(i) ? `[${walk(i.set.items)}]` : i.id)).join(' ');
      return walk(s.items ?? []);
    })
    .join(' / ');

test('a line is put after, before, or at the end', () => {
  const id = insertLine(plan, { move: 'x' }, 'a');
  expect(shape()).toBe(`a ${id} b / [c d] e`);
  insertLine(plan, { move: 'y' }, 'c', 'before');
  insertLine(plan, { move: 'z' }, null);
  expect(shape()).toMatch(/^a l\d+ b \/ \[l\d+ c d\] e l\d+$/);
});

test('a line is put at the end of a section', () => {
  const id = insertLine(plan, { move: 'x' }, 's1');
  expect(shape()).toBe(`a b ${id} / [c d] e`);
});

test('what is asked for follows a line that is there', () => {
  expect(['a', 'd', 's1', 's2', 't', 'gone', null].map((id) => lineToFollow(plan, id))).toEqual([
    'a',
    'd',
    'b',
    'e',
    'e',
    'e',
    'e',
  ]);
  plan.sections[0]!.items = [];
  expect(lineToFollow(plan, 's1')).toBeUndefined();
});

test('the first line of an empty class makes a section', () => {
  plan.sections = [];
  insertLine(plan, { move: 'x' }, null);
  expect(plan.sections.length).toBe(1);
});

test('ids are never taken twice', () => {
  expect(['a', 'b', 'c', 'd', 'e', 't', 's1', 's2']).not.toContain(freshId(plan, 'l'));
});

test('a line is taken out, and a set left empty with it', () => {
  expect(removeItem(plan, 'a')).toBe('b');
  removeItem(plan, 'c');
  removeItem(plan, 'd');
  expect(shape()).toBe('b / e');
  expect(removeItem(plan, 'nobody')).toBeNull();
});

test('a copy of a set has ids of its own all through', () => {
  const id = duplicate(plan, 't')!;
  expect(id).not.toBe('t');
  expect(shape()).toMatch(/^a b \/ \[c d\] \[l\d+ l\d+\] e$/);
  expect(new Set(shape().match(/l\d+/g)).size).toBe(2);
  lineOf(plan, 'c')!.breaths = 9;
  expect(JSON.stringify(plan.sections[1]!.items![1])).not.toContain('"breaths":9');
});

describe('moving', () => {
  test.each([
    ['a', 1, 'b a / [c d] e'],
    ['b', 1, 'a / b [c d] e'],
    ['e', -1, 'a b / [c d e]'],
    ['c', -1, 'a b / c [d] e'],
    ['d', 1, 'a b / [c] d e'],
    ['t', -1, 'a b [c d] / e'],
    ['a', -1, 'a b / [c d] e'],
    ['e', 1, 'a b / [c d] e'],
  ] as const)('%s by %i', (id, by, after) => {
    moveBy(plan, id, by);
    expect(shape()).toBe(after);
  });

  test('down and up again is where it was', () => {
    const before = shape();
    for (const id of ['a', 'b', 'c', 'd', 't']) {
      if (moveBy(plan, id, 1)) moveBy(plan, id, -1);
      expect(shape()).toBe(before);
    }
  });
});

test('neighbours are wrapped and taken apart again; others are not', () => {
  plan.sections[0]!.items![0] = { id: 'a', move: 'a', sides: 'right' } as Item;
  const id = wrap(plan, ['b', 'a'], ['right', 'left'])!;
  expect(shape()).toBe('[a b] / [c d] e');
  expect(lineOf(plan, 'a')!.sides).toBeUndefined();
  expect(unwrap(plan, id)).toBe(true);
  expect(shape()).toBe('a b / [c d] e');
  expect(wrap(plan, ['a', 'e'], 2)).toBeNull();
  expect(unwrap(plan, 'a')).toBe(false);
});

test('sections are split and joined', () => {
  const id = splitSection(plan, 'b')!;
  expect(shape()).toBe('a / b / [c d] e');
  expect(splitSection(plan, 'c')).toBeNull();
  expect(mergeSection(plan, id)).toBe(true);
  expect(shape()).toBe('a b / [c d] e');
  expect(mergeSection(plan, 's1')).toBe(false);
});
