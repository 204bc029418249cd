import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { act, advance, begin, replay, type Act, type Course, type Tap } from './course';
import { lesson, plan } from './lessons';
import { endOf, restOf } from './passes';

const start = 1_700_000_000_000;

/** Taught to the end: taps by seconds since the beginning. */
function taught(taps: [seconds: number, act: Act][], until = 3600): Course {
  const given = taps.map(([seconds, what]): Tap => ({ at: start + seconds * 1000, act: what }));
  return replay(plan, start, given, start + until * 1000);
}

const at = (course: Course) => ({ pass: course.pass, event: course.event, offset: course.offset });
const ended = (course: Course) => (course.endedAt! - start) / 1000;

test('with nothing tapped it ends when it was planned to', () => {
  const course = taught([]);
  expect(ended(course) * 1000).toBe(lesson.totalMs);
  expect(course.done).toEqual([
    { right: 0, left: 0, none: 0 },
    { right: 3, left: 0, none: 0 },
    { right: 0, left: 3, none: 0 },
    { right: 0, left: 0, none: 4 },
    { right: 0, left: 0, none: 60 },
  ]);
});

test('the clock says where we are, however seldom it is asked', () => {
  const often = begin(plan, start);
  for (let t = 0; t <= 50_000; t += 16) advance(plan, often, start + t);
  expect(at(often)).toEqual(at(taught([], 50)));
});

describe('the second side follows the first', () => {
  test('a breath more on the first is a breath more on the second', () => {
    const course = taught([[20, 'more']]);
    expect([course.done[1]!.right, course.done[2]!.left]).toEqual([4, 4]);
    expect(ended(course) * 1000).toBe(lesson.totalMs + 14_000);
  });
  test('on the second nothing is added, and it is said why', () => {
    const course = taught([[50, 'more']], 50);
    expect(course.notice).toBe('The second side follows the first: 3 breaths.');
    expect(taught([[50, 'more']]).done[2]!.left).toBe(3);
  });
  test('a first side that is left half-way is left half-way on the second', () => {
    const course = taught([[26, 'skip']]);
    expect([course.done[1]!.right, course.done[2]!.left]).toEqual([1, 1]);
  });
  test('a first side that is left out is left out on the second; the way is still gone', () => {
    const course = taught([[6, 'skip']]);
    expect([course.done[1]!.right, course.done[2]!.left]).toEqual([0, 0]);
    expect(course.realMs[1]).toBe(8000);
    expect(course.realMs[2]).toBe(0);
  });
  test('a second side is left short only when asked for twice', () => {
    const once = taught([[50, 'skip']], 51);
    expect(once.notice).toContain('The first side had 3 breaths');
    expect(taught([[50, 'skip']]).done[2]!.left).toBe(3);
    expect(
      taught([
        [55, 'skip'],
        [57, 'skip'],
      ]).done[2]!.left,
    ).toBe(1);
  });
  test('no less can be done than is under way', () => {
    const course = taught(
      [
        [25, 'fewer'],
        [26, 'fewer'],
      ],
      27,
    );
    expect(course.notice).toBe('This is the last one.');
    expect(course.amounts[1]).toBe(2);
  });
  test('there is a most', () => {
    const course = taught(
      [
        [20, 'more'],
        [20, 'more'],
        [20, 'more'],
      ],
      21,
    );
    expect(course.notice).toBe('5 breaths is the most for Tilt.');
  });
});

test('a pause stops everything but the clock', () => {
  const course = taught([
    [20, 'pause'],
    [80, 'go-on'],
  ]);
  expect(ended(course) * 1000).toBe(lesson.totalMs + 60_000);
  expect(course.realMs[1]).toBe(37_000 + 60_000);
});

test('on and back go by steps', () => {
  expect(at(taught([[6, 'next']], 6))).toEqual({ pass: 1, event: 1, offset: 0 });
  expect(at(taught([[22, 'back']], 22))).toEqual({ pass: 1, event: 2, offset: 0 });
  expect(
    at(
      taught(
        [
          [22, 'back'],
          [22.5, 'back'],
        ],
        22.5,
      ),
    ),
  ).toEqual({ pass: 1, event: 1, offset: 0 });
});

describe('finish on time', () => {
  test('a rung is taken where the class is late, and the rest takes what lies between', () => {
    const course = taught([
      [10, 'pause'],
      [22, 'go-on'],
      [23, 'finish'],
    ]);
    expect(ended(course) * 1000).toBe(plan.targetMs);
    expect(course.done[3]!.none).toBe(3);
    expect(course.changes.at(-1)!.text).toBe('Ends on time: 1 line shorter.');
  });
  test('the rest keeps its least, and it is said how late the class ends', () => {
    const course = taught([
      [10, 'pause'],
      [100, 'go-on'],
      [101, 'finish'],
    ]);
    expect(ended(course) * 1000).toBe(plan.targetMs + 90_000 - 9000 - 30_000);
    expect(course.changes.at(-1)!.text).toBe('Ends 0:51 late: nothing shorter is left.');
  });
  test('a side that was begun is completed, and so is its other', () => {
    const course = taught([
      [20, 'more'],
      [21, 'finish'],
    ]);
    expect([course.done[1]!.right, course.done[2]!.left]).toEqual([4, 4]);
    expect(ended(course) * 1000).toBe(plan.targetMs);
  });
  test('in the rest it is the rest that ends on the minute', () => {
    const course = taught([
      [30, 'pause'],
      [40, 'go-on'],
      [140, 'finish'],
    ]);
    expect(ended(course) * 1000).toBe(plan.targetMs);
  });
});

const taps = fc
  .array(
    fc.tuple(
      fc.integer({ min: 0, max: 15_000 }),
      fc.constantFrom<Act>('pause', 'go-on', 'next', 'back', 'more', 'fewer', 'skip', 'finish'),
    ),
    { maxLength: 30 },
  )
  .map((steps) => {
    let now = start;
    return steps.map(([after, what]): Tap => ({ at: (now += after), act: what }));
  });
const long = start + 10 * 3600_000;
const goOn = (given: Tap[]): Tap[] => [...given, { at: long, act: 'go-on' }];

describe('whatever is tapped', () => {
  test('both sides get the same unless the second was left short on purpose', () => {
    fc.assert(
      fc.property(taps, (given) => {
        const course = replay(plan, start, goOn(given), long + 3600_000);
        const short = course.changes.some((c) => c.what === 'skip' && c.line === 'tilt');
        if (!short) expect(course.done[2]!.left).toBe(course.done[1]!.right);
        else expect(course.done[2]!.left).toBeLessThanOrEqual(course.done[1]!.right);
      }),
      { numRuns: 500 },
    );
  });
  test('every second belongs to a line, and the class ends', () => {
    fc.assert(
      fc.property(taps, (given) => {
        const course = replay(plan, start, goOn(given), long + 3600_000);
        expect(course.endedAt).not.toBeNull();
        expect(course.realMs.reduce((a, b) => a + b, 0)).toBe(course.endedAt! - start);
      }),
      { numRuns: 500 },
    );
  });
  test('what is foretold comes true', () => {
    fc.assert(
      fc.property(taps, (given) => {
        const course = replay(plan, start, given, given.at(-1)?.at ?? start);
        if (course.paused || course.endedAt !== null) return;
        const end = endOf(plan, course);
        advance(plan, course, long);
        // Cut and stretched lengths are whole milliseconds.
        expect(Math.abs(course.endedAt! - start - end)).toBeLessThanOrEqual(2);
      }),
      { numRuns: 500 },
    );
  });
  test('it comes out the same whether watched or slept through', () => {
    fc.assert(
      fc.property(taps, (given) => {
        const slept = replay(plan, start, given, long);
        const watched = begin(plan, start);
        for (const tap of given) {
          for (let t = watched.now; t < tap.at; t += 700) advance(plan, watched, t);
          act(plan, watched, tap);
        }
        advance(plan, watched, long);
        expect(watched).toEqual(slept);
      }),
      { numRuns: 200 },
    );
  });
  test('finishing never takes the rest under its least where it is still to come', () => {
    fc.assert(
      fc.property(taps, (given) => {
        const course = replay(plan, start, given, given.at(-1)?.at ?? start);
        if (course.endedAt !== null || course.pass >= 4) return;
        act(plan, course, { at: course.now, act: 'finish' });
        expect(restOf(plan, course)).toBeGreaterThanOrEqual(lesson.rest.leastMs - 1);
      }),
      { numRuns: 500 },
    );
  });
});
