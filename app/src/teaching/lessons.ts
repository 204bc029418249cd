import type { Lesson, LessonEvent, Rung, Score } from '../lib/api/client';
import type { Plan } from './course';

// A small class for tests: a welcome, a hold on both sides, a flow, a rest.

const event = (ms: number, kind: LessonEvent['kind'], more: Partial<LessonEvent> = {}): LessonEvent => ({
  ms,
  kind,
  breath: 'free',
  phase: 0,
  side: 'none',
  round: 0,
  of: 0,
  cue: null,
  headlines: [kind],
  ...more,
});

/** In, so many breaths of seven seconds, out; the first time a way leads to it. */
const hold = (side: LessonEvent['side'], breaths: number, way: boolean) => [
  ...(way ? [event(8000, 'way')] : []),
  event(4000, 'breath', { side }),
  ...Array.from({ length: breaths }, (_, i) =>
    event(7000, 'breath', { side, breath: 'stay', round: i + 1, of: breaths }),
  ),
  event(4000, 'breath', { side }),
];

const flow = (rounds: number) =>
  Array.from({ length: rounds }, (_, i) => [
    event(4000, 'breath', { breath: 'in', round: i + 1, of: rounds }),
    event(5000, 'breath', { breath: 'out', round: i + 1, of: rounds }),
  ]).flat();

const rest = (seconds: number) => [
  event(10_000, 'way'),
  event(seconds * 1000, 'breath', { breath: 'stay', round: 1, of: 1 }),
];

const doses = (amounts: number[], events: (amount: number) => LessonEvent[]) =>
  amounts.map((amount) => ({ amount, events: events(amount) }));

const time = (fixedMs: number, unitMs: number, least: number, most: number, step = 1) => ({
  fixedMs,
  unitMs,
  least,
  most,
  step,
});

const line = (name: string, unit: string) => ({
  move: name,
  name,
  position: 'floor',
  option: 'base',
  unit,
  rightNames: null,
  easier: null,
  holds: unit !== 'rounds',
});

export const lesson = {
  totalMs: 5000 + (8000 + 8000 + 21_000) + (8000 + 21_000) + 36_000 + 70_000,
  lines: { tilt: line('Tilt', 'breaths'), arms: line('Arms', 'rounds'), rest: line('Rest', 'seconds') },
  passes: [
    {
      line: 'talk',
      round: 1,
      side: 'none',
      startMs: 0,
      amount: 0,
      doses: [{ amount: 0, events: [event(5000, 'lead')] }],
    },
    {
      line: 'tilt',
      round: 1,
      side: 'right',
      startMs: 5000,
      amount: 3,
      doses: doses([2, 3, 4, 5], (n) => hold('right', n, true)),
    },
    {
      line: 'tilt',
      round: 1,
      side: 'left',
      startMs: 42_000,
      follows: 1,
      amount: 3,
      doses: doses([2, 3, 4, 5], (n) => hold('left', n, false)),
    },
    { line: 'arms', round: 1, side: 'none', startMs: 71_000, amount: 4, doses: doses([3, 4, 5, 6], flow) },
    { line: 'rest', round: 1, side: 'none', startMs: 107_000, amount: 60, doses: doses([30, 60, 90], rest) },
  ],
  rest: { lines: ['rest'], leastMs: 30_000, ms: 60_000 },
  ladder: [],
  score: {
    lines: [
      { id: 'talk', kind: 'talk', time: time(5000, 0, 0, 0) },
      { id: 'tilt', time: time(24_000, 14_000, 2, 5) },
      { id: 'arms', time: time(0, 9000, 3, 6) },
      { id: 'rest', time: time(10_000, 1000, 30, 90, 5) },
    ],
  } as unknown as Score,
} as unknown as Lesson;

/** Two rounds of the arms less: nine seconds each. */
export const rungs: Rung[] = [
  {
    from: 0,
    to: 1,
    totalMs: lesson.totalMs - 9000,
    changes: [{ line: 'arms', from: 4, to: 3, unit: 'rounds' }],
  },
  {
    from: 0,
    to: 1,
    totalMs: lesson.totalMs + 18_000,
    changes: [{ line: 'arms', from: 4, to: 6, unit: 'rounds' }],
  },
];

export const plan: Plan = { lesson, rungs, targetMs: lesson.totalMs };
