import { finish } from './finish';
import {
  eventsOf,
  inWords,
  isPractice,
  isSecond,
  note,
  secondsDone,
  unitOf,
  type Act,
  type Course,
  type Plan,
  type Tap,
} from './passes';
import { backInto, count, follow, settle, step } from './steps';

export type { Act, Course, Plan, Tap } from './passes';

const settleMs = 2000;

const askMs = 6000;

export function begin(plan: Plan, startedAt: number): Course {
  const { passes } = plan.lesson;
  const course: Course = {
    startedAt,
    now: startedAt,
    paused: false,
    pass: 0,
    event: 0,
    offset: 0,
    endedAt: null,
    amounts: passes.map((p) => p.amount),
    skipped: passes.map(() => false),
    stretched: passes.map(() => undefined),
    done: passes.map(() => ({ right: 0, left: 0, none: 0 })),
    realMs: passes.map(() => 0),
    notice: null,
    changes: [],
    asked: null,
  };
  settle(plan, course);
  return course;
}

/** The course after these taps, at a time. */
export function replay(plan: Plan, startedAt: number, taps: readonly Tap[], now: number): Course {
  const course = begin(plan, startedAt);
  for (const tap of taps) act(plan, course, tap);
  advance(plan, course, now);
  return course;
}

/** Lets time pass. It is the clock that counts, however seldom this is called. */
export function advance(plan: Plan, course: Course, now: number): void {
  let left = Math.max(0, now - course.now);
  course.now = Math.max(now, course.now);
  if (course.endedAt !== null) return;
  if (course.paused) {
    course.realMs[course.pass]! += left;
    return;
  }
  while (left > 0 && course.endedAt === null) {
    const rest = eventsOf(plan, course, course.pass)[course.event]!.ms - course.offset;
    const spent = Math.min(left, rest);
    course.realMs[course.pass]! += spent;
    left -= spent;
    if (spent < rest) course.offset += spent;
    else step(plan, course, course.now - left);
  }
}

/** Does what was tapped. */
export function act(plan: Plan, course: Course, tap: Tap): void {
  advance(plan, course, tap.at);
  course.notice = null;
  if (course.endedAt !== null) return;
  acts[tap.act](plan, course);
  follow(plan, course);
}

const acts: Record<Act, (plan: Plan, course: Course) => void> = {
  pause(_, course) {
    course.paused = true;
  },
  'go-on'(_, course) {
    course.paused = false;
  },
  next(plan, course) {
    const event = eventsOf(plan, course, course.pass)[course.event]!;
    if (isPractice(event)) lessSeconds(plan, course, event.ms - course.offset);
    step(plan, course, course.now);
  },
  back(plan, course) {
    if (course.offset <= settleMs) {
      if (course.event > 0) course.event--;
      else if (course.pass > 0) backInto(plan, course, course.pass - 1);
    }
    course.offset = 0;
    count(plan, course, course.pass, course.event);
  },
  more: (plan, course) => change(plan, course, 1),
  fewer: (plan, course) => change(plan, course, -1),
  skip,
  finish,
};

function change(plan: Plan, course: Course, way: 1 | -1): void {
  const { passes, lines } = plan.lesson;
  const pass = passes[course.pass]!;
  const line = lines[pass.line];
  const limits = plan.lesson.score.lines.find((l) => l.id === pass.line)?.time;
  if (!line || !limits) {
    course.notice = 'There is nothing to count here.';
    return;
  }
  const now = course.amounts[course.pass]!;
  if (isSecond(pass)) {
    course.notice = `The second side follows the first: ${inWords(line.unit, now)}.`;
    return;
  }
  const amount = now + way * limits.step;
  const least = Math.max(limits.step, leastLeft(plan, course, line.unit));
  if (way > 0 && amount > Math.max(limits.most, pass.amount)) {
    course.notice = `${inWords(line.unit, now)} is the most for ${line.name}.`;
    return;
  }
  if (amount < least) {
    course.notice = line.unit === 'seconds' ? 'It is as short as it can be.' : 'This is the last one.';
    return;
  }
  // All that is still to come of the line; second sides follow.
  passes.forEach((other, i) => {
    if (i >= course.pass && other.line === pass.line && !isSecond(other) && !course.skipped[i])
      course.amounts[i] = amount + (other.amount - pass.amount);
  });
  const text = `${way > 0 ? 'More' : 'Fewer'} of ${line.name}: ${inWords(line.unit, amount)} in place of ${inWords(line.unit, now)}`;
  note(plan, course, way > 0 ? 'more' : 'fewer', text);
}

// What is under way is finished, so no less can be done than that.
const leastLeft = (plan: Plan, course: Course, unit: string): number =>
  unit === 'seconds' ? secondsDone(plan, course) : unitOf(eventsOf(plan, course, course.pass), course.event);

// What is given in seconds is as long as it was held: cut short, it was that much less.
function lessSeconds(plan: Plan, course: Course, ms: number): void {
  if (plan.lesson.lines[plan.lesson.passes[course.pass]!.line]?.unit !== 'seconds') return;
  course.amounts[course.pass] = Math.max(0, Math.round(course.amounts[course.pass]! - ms / 1000));
}

function skip(plan: Plan, course: Course): void {
  const { passes, lines } = plan.lesson;
  const pass = passes[course.pass]!;
  if (course.skipped[course.pass]) return;
  const name = lines[pass.line]?.name ?? 'This';
  const owed = course.amounts[course.pass]! - sum(course.done[course.pass]!);
  if (
    isSecond(pass) &&
    owed > 0 &&
    !(course.asked?.pass === course.pass && course.now - course.asked.at < askMs)
  ) {
    course.asked = { pass: course.pass, at: course.now };
    const had = inWords(lines[pass.line]!.unit, course.amounts[course.pass]!);
    course.notice = `The first side had ${had}. Skip once more to leave this one short.`;
    return;
  }
  course.asked = null;
  const inSeconds = lines[pass.line]?.unit === 'seconds';
  if (inSeconds) lessSeconds(plan, course, (course.amounts[course.pass]! - secondsDone(plan, course)) * 1000);
  const events = eventsOf(plan, course, course.pass);
  const done = inSeconds ? secondsDone(plan, course) : unitOf(events, course.event - 1);
  if (done > 0) {
    // Whatever has begun is left the way it is always left.
    course.amounts[course.pass] = done;
    course.event = eventsOf(plan, course, course.pass).findLastIndex((e) => isPractice(e) && e.round > 0) + 1;
    course.offset = 0;
    count(plan, course, course.pass, course.event);
    note(plan, course, 'skip', `${name}: left after ${inWords(lines[pass.line]?.unit ?? '', done)}`);
    settle(plan, course);
    return;
  }
  // Nothing of it was done: nothing of its other side is done either, but people still go where the next line begins.
  note(plan, course, 'skip', `${name}: left out`);
  const ways = events.slice(0, course.event + 1).filter((e) => e.kind === 'way').length;
  const stillOnTheWay = events[course.event]?.kind === 'way';
  course.skipped[course.pass] = true;
  course.event = stillOnTheWay ? ways - 1 : ways;
  if (!stillOnTheWay) course.offset = 0;
  settle(plan, course);
}

const sum = (done: Record<string, number>) => Object.values(done).reduce((a, b) => a + b, 0);
