import { expect, test } from 'vitest';
import type { Score } from '../lib/api/client';
import { scriptOf } from './script';

const event = (line: string, kind: string, phase: string, round: number, cue: string | null, more = {}) => ({
  atMs: 0,
  ms: 1000,
  kind,
  phase,
  step: 0,
  line,
  side: 'none',
  round,
  of: 2,
  cue,
  ...more,
});

function script(events: object[], talks: object[] = []) {
  const timed = events.map((e, i) => ({ ...e, atMs: i * 1000 }));
  return scriptOf({ events: timed, talks } as unknown as Score).map((p) => ({
    line: p.line,
    side: p.side,
    said: p.said.map((s) => `${s.kind} ${s.field ?? ''}: ${s.text}`),
  }));
}

test('each side is spoken by itself, its talk before its cues, its last round told once', () => {
  const side = (name: string) => [
    event('l1', 'lead', 'free', 0, 'talk', { side: name }),
    event('l1', 'breath', 'in', 1, 'lift', { side: name }),
    event('l1', 'breath', 'in', 2, null, { side: name }),
    event('l1', 'breath', 'out', 2, null, { side: name, step: 1 }),
  ];
  expect(
    script(
      [...side('right'), ...side('left'), event('l2', 'way', 'free', 0, 'Stand up')],
      [
        { line: 'l1', fromMs: 0, text: 'To the right' },
        { line: 'l1', fromMs: 4000, text: 'To the left' },
      ],
    ),
  ).toEqual([
    { line: 'l1', side: 'right', said: ['talk talk: To the right', 'cue 1: lift', 'last : Last one'] },
    { line: 'l1', side: 'left', said: ['talk talk: To the left', 'cue 1: lift', 'last : Last one'] },
    { line: 'l2', side: 'none', said: ['way : Stand up'] },
  ]);
});

test('where sides take turns both are one, and a last cue of its own is no second notice', () => {
  expect(
    script([
      event('l1', 'breath', 'out', 1, 'turn', { side: 'right' }),
      event('l1', 'breath', 'out', 2, 'and the last', { side: 'left' }),
    ]),
  ).toEqual([{ line: 'l1', side: 'right', said: ['cue 1: turn', 'last : and the last'] }]);
});

test('of what is said while staying the first sentence is the line’s own to change', () => {
  const stay = (round: number, cue: string | null, step: number) =>
    event('l1', 'breath', 'stay', round, cue, { side: 'right', step, of: 4 });
  expect(
    script([stay(1, 'settle', 1), stay(2, 'soften', 1), stay(3, 'turn the palm', 2), stay(4, null, 2)]),
  ).toEqual([
    {
      line: 'l1',
      side: 'right',
      said: ['stay 2: settle', 'stay : soften', 'stay 3: turn the palm', 'last : Last one'],
    },
  ]);
});
