import { expect, test } from 'vitest';
import type { ReadText } from '../lib/api/client';
import { withChoices } from './choose';

const read = {
  lines: [
    { text: 'side bend R', kind: 'line', id: 'l1', move: 'a', sides: 'right', sure: false, others: ['b'] },
    { text: 'wobble x5', kind: 'unknown', id: 'l2', sure: false, others: [] },
    { text: 'cat', kind: 'line', id: 'l3', move: 'c', sure: true, others: [] },
  ],
  class: {
    title: 'Jotted',
    minutes: 45,
    sections: [
      {
        items: [
          { id: 'l1', move: 'a', breaths: 3, sides: 'right' },
          { id: 't1', set: { rounds: 2, items: [{ id: 'l2', talk: 'wobble x5' }] } },
          { id: 'l3', move: 'c' },
        ],
      },
    ],
  },
} as unknown as ReadText;

test('another move keeps the dose; what was not known becomes a line; a line becomes words', () => {
  expect(withChoices(read, { 0: 'b', 1: 'd', 2: null }).sections[0]!.items).toEqual([
    { id: 'l1', move: 'b', breaths: 3 },
    { id: 't1', set: { rounds: 2, items: [{ id: 'l2', move: 'd' }] } },
    { id: 'l3', talk: 'cat' },
  ]);
});

test('with nothing chosen it is what was read', () => expect(withChoices(read, {})).toEqual(read.class));
