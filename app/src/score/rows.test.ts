import { expect, test } from 'vitest';
import type { ClassFile, Score } from '../lib/api/client';
import { bandsOf, linesOf, marksOf, rowsOf, ticksOf } from './rows';

const file = {
  title: 'x',
  minutes: 5,
  sections: [
    { id: 's1', name: 'Arrive', items: [{ id: 'l1', move: 'a' }] },
    {
      id: 's2',
      name: 'Build',
      items: [
        { id: 't1', set: { name: 'Chain', rounds: ['right', 'left'], items: [{ id: 'l2', move: 'b' }] } },
      ],
    },
  ],
} as unknown as ClassFile;

const score = {
  totalMs: 100,
  lines: [
    { id: 'l1', sides: 'none', occurrences: [{ round: 1, side: 'none', startMs: 0, ms: 40, leadMs: 5 }] },
    {
      id: 'l2',
      sides: '',
      occurrences: [
        { round: 1, side: 'right', startMs: 40, ms: 20, leadMs: 5 },
        { round: 2, side: 'left', startMs: 60, ms: 30, leadMs: 5 },
      ],
    },
  ],
  findings: [
    { id: 'f', rule: 'r', level: 'hint', lines: ['l2'], text: 'Look', why: '', fixes: [] },
    { id: 'g', rule: 'r', level: 'serious', lines: [], text: 'All', why: '', fixes: [] },
  ],
} as unknown as Score;

test('sections, sets and lines lie beside what came out of them', () => {
  const sections = rowsOf(file, score);
  expect(sections.map((s) => [s.fromMs, s.toMs])).toEqual([
    [0, 40],
    [40, 90],
  ]);
  expect(linesOf(sections[1]!.rows).map((l) => l.score?.id)).toEqual(['l2']);
  expect(bandsOf(sections, 100).map((b) => [b.name, b.toMs])).toEqual([
    ['Arrive', 40],
    ['Build', 100],
  ]);
});

test('a side is marked in the middle of its time, a finding where its line begins', () => {
  expect(ticksOf(score)).toEqual([
    { ms: 50, side: 'right' },
    { ms: 75, side: 'left' },
  ]);
  expect(marksOf(score)).toEqual([{ ms: 40, level: 'hint', text: 'Look' }]);
});

test('before the first score the class is already there', () => {
  expect(linesOf(rowsOf(file, null)[0]!.rows)[0]!.score).toBeUndefined();
});
