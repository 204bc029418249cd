import { expect, test } from 'vitest';
import type { ShelfEntry } from '../../lib/api/client';
import { pick, tagsOf, type Wanted } from './pick';

const entry = (title: string, minutes: number, savedAt: string, more: Partial<ShelfEntry> = {}) =>
  ({
    id: title,
    title,
    minutes,
    savedAt,
    areas: [],
    about: '',
    tags: [],
    archived: false,
    ...more,
  }) as unknown as ShelfEntry;
const entries = [
  entry('Dawn on the quay', 45, '2026-01-03T08:00:00Z', { tags: ['dawn'], areas: ['neck'] }),
  entry('A bench', 20, '2026-02-01T08:00:00Z', { tags: ['chair', 'dawn'] }),
  entry('Old nets', 45, '2025-02-01T08:00:00Z', { archived: true }),
];
const all: Wanted = { text: '', tag: '', archived: false, order: 'saved' };
const titles = (wanted: Partial<Wanted>) => pick(entries, { ...all, ...wanted }).map((e) => e.title);

test('the shelf shows what is not behind it, last saved first', () => {
  expect(titles({})).toEqual(['A bench', 'Dawn on the quay']);
  expect(titles({ archived: true })).toEqual(['Old nets']);
});

test('it is ordered by name or length, and searched by words, areas and tags', () => {
  expect(titles({ order: 'title' })).toEqual(['A bench', 'Dawn on the quay']);
  expect(titles({ order: 'minutes' })).toEqual(['A bench', 'Dawn on the quay']);
  expect(titles({ text: 'QUAY neck' })).toEqual(['Dawn on the quay']);
  expect(titles({ tag: 'chair' })).toEqual(['A bench']);
  expect(titles({ text: 'dawn', tag: 'dawn' })).toHaveLength(2);
});

test('the entries themselves stay in their order', () => {
  titles({ order: 'title' });
  expect(entries[0]!.title).toBe('Dawn on the quay');
});

test('tags are told most used first', () => expect(tagsOf(entries)).toEqual(['dawn', 'chair']));
