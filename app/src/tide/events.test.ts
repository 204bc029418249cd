import { expect, test } from 'vitest';
import { eventAt, ripple, type ScoreEvent } from './events';

const event = (atMs: number, ms: number, kind: string, phase: string) =>
  ({ atMs, ms, kind, phase }) as ScoreEvent;
const events = [
  event(0, 1000, 'lead', 'free'),
  event(1000, 0, 'prop', 'free'),
  event(1000, 2000, 'breath', 'in'),
  event(3000, 1000, 'breath', 'hold-in'),
  event(4000, 2000, 'breath', 'out'),
  event(6000, 1000, 'breath', 'stay'),
];

test.each([
  [0, 'lead'],
  [999, 'lead'],
  [1000, 'in'],
  [3500, 'hold-in'],
  [4000, 'out'],
  [99_000, 'stay'],
])('at %i ms it is %s', (ms, expected) => {
  const found = eventAt(events, ms)!;
  expect(found.kind === 'lead' ? 'lead' : found.phase).toBe(expected);
});

test('nothing is going on in an empty class', () => expect(eventAt([], 5)).toBeUndefined());

test('the water lifts with the in-breath, stays while it is held, and falls with the out-breath', () => {
  expect(ripple(events, 0, 7000)).toEqual([
    [0, 0],
    [1000, 0],
    [3000, 1],
    [4000, 1],
    [6000, 0],
    [6450, 1],
    [7000, 0],
  ]);
});

test('only what is in sight is drawn', () => {
  const seen = ripple(events, 3500, 4500);
  expect(seen[0]![0]).toBe(3000);
  expect(seen.at(-1)![0]).toBe(6000);
});
