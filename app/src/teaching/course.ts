import type { Lesson, LessonEvent, LessonPass, Rung } from '../lib/api/client';

/** What whoever teaches can do. */
export type Act = 'pause' | 'go-on' | 'next' | 'back' | 'more' | 'fewer' | 'skip' | 'finish';

/** One tap, and when, in milliseconds since 1970. */
export interface Tap {
  at: number;
  act: Act;
}

/** What a class is taught from. */
export interface Plan {
  lesson: Lesson;
  rungs: readonly Rung[];
  /** When it should be over, in milliseconds from its beginning. */
  targetMs: number;
}

/** How the time of what is left of a pass is stretched, from somewhere in it on. */
interface Stretch {
  event: number;
  offset: number;
  factor: number;
}

/**
 * Where a class has got to. Everything follows from the plan, when it began and the taps, so that a reload, a tab that slept and a tap taken
 * back all come out right.
 */
export interface Course {
  startedAt: number;
  /** The time all of this holds at. */
  now: number;
  paused: boolean;
  /** Where we are: the pass, the event in it, and how far into that, in milliseconds. */
  pass: number;
  event: number;
  offset: number;
  /** When the last pass was over, or null. */
  endedAt: number | null;
  /** How much of each pass is to be done, in the unit of its line. */
  amounts: number[];
  /** Passes of which only the ways are gone. */
  skipped: boolean[];
  stretched: (Stretch | undefined)[];
  /** What was really done of each pass, by side, and how long it took by the clock. */
  done: Record<'right' | 'left' | 'none', number>[];
  realMs: number[];
  /** What the last tap came to, for whoever teaches; null where it simply did what it says. */
  notice: string | null;
  /** What was changed, for the log. */
  changes: { atMs: number; what: string; line: string | null; text: string }[];
  /** A second side is only left out when asked for twice. */
  asked: { pass: number; at: number } | null;
}

const settleMs = 2000;
const askMs = 6000;
const nearMs = 10_000;

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

/** The events of a pass as it is to be taken: at its dose, cut where less is done than any dose has, ways only where it is left out. */
export function eventsOf(plan: Plan, course: Course, index: number): LessonEvent[] {
  const pass = plan.lesson.passes[index]!;
  const events = course.skipped[index]
    ? pass.doses[0]!.events.filter((e) => e.kind === 'way')
    : atDose(plan, pass, course.amounts[index]!);
  const stretch = course.stretched[index];
  if (!stretch) return events;
  return events.map((e, i) => {
    if (i < stretch.event || !isPractice(e)) return e;
    const kept = i === stretch.event ? Math.min(stretch.offset, e.ms) : 0;
    return { ...e, ms: Math.round(kept + (e.ms - kept) * stretch.factor) };
  });
}

function atDose(plan: Plan, pass: LessonPass, amount: number): LessonEvent[] {
  const found =
    pass.doses.find((d) => d.amount === amount) ??
    pass.doses.find((d) => d.amount > amount) ??
    pass.doses.at(-1)!;
  if (found.amount === amount || amount > found.amount) return found.events;
  if (plan.lesson.lines[pass.line]?.unit === 'seconds') {
    const share = amount / found.amount;
    return found.events.map((e) =>
      isPractice(e) && e.round > 0 ? { ...e, ms: Math.round(e.ms * share) } : e,
    );
  }
  return found.events
    .filter((e) => !isPractice(e) || e.round <= amount)
    .map((e) => (isPractice(e) && e.round > 0 ? { ...e, of: amount } : e));
}

const isSecond = (pass: LessonPass) => typeof pass.follows === 'number';
const isPractice = (e: LessonEvent) => e.kind === 'breath' || e.kind === 'beat';

/** The unit that is under way in a pass: 0 before the first. */
export const unitOf = (events: readonly LessonEvent[], event: number): number =>
  events.slice(0, event + 1).reduce((most, e) => Math.max(most, isPractice(e) ? e.round : 0), 0);

/** When the class will be over if nothing else is tapped, in milliseconds from its beginning. */
export function endOf(plan: Plan, course: Course): number {
  if (course.endedAt !== null) return course.endedAt - course.startedAt;
  let left = -course.offset;
  for (let i = course.pass; i < plan.lesson.passes.length; i++) {
    const events = eventsOf(plan, course, i);
    for (let e = i === course.pass ? course.event : 0; e < events.length; e++) left += events[e]!.ms;
  }
  return course.now - course.startedAt + left;
}

/** The rest that is still ahead or under way, in milliseconds. */
export function restOf(plan: Plan, course: Course): number {
  let ms = 0;
  for (const i of restPasses(plan, course))
    for (const [e, event] of eventsOf(plan, course, i).entries()) {
      if (!isPractice(event) || (i === course.pass && e < course.event)) continue;
      ms += event.ms - (i === course.pass && e === course.event ? course.offset : 0);
    }
  return course.endedAt === null ? ms : 0;
}

// The event is over: on to the next one, in this pass or the next that has any.
function step(plan: Plan, course: Course, at: number): void {
  course.event++;
  course.offset = 0;
  count(plan, course, course.pass, course.event);
  settle(plan, course, at);
}

// Goes on to the next event there is, through passes that have none, to the end.
function settle(plan: Plan, course: Course, at = course.now): void {
  const { passes } = plan.lesson;
  follow(plan, course);
  while (course.pass < passes.length && course.event >= eventsOf(plan, course, course.pass).length) {
    if (course.pass === passes.length - 1) {
      course.endedAt = at;
      course.event = Math.max(0, course.event - 1);
      return;
    }
    course.pass++;
    course.event = 0;
  }
}

// The last step of the pass before; what was left out is taken up again from its beginning.
function backInto(plan: Plan, course: Course, pass: number): void {
  // A second side is not there where its first was left out.
  const { follows } = plan.lesson.passes[pass]!;
  if (typeof follows === 'number' && course.skipped[follows] && pass > 0)
    return backInto(plan, course, pass - 1);
  const leftOut = course.skipped[pass]!;
  course.skipped[course.pass] = false;
  course.skipped[pass] = false;
  course.pass = pass;
  course.event = leftOut ? 0 : eventsOf(plan, course, pass).length - 1;
}

// What was done of a pass, up to an event: whole units by the side they were done on, seconds by the clock of its events.
function count(plan: Plan, course: Course, index: number, upTo: number): void {
  const pass = plan.lesson.passes[index]!;
  const events = eventsOf(plan, course, index);
  const done = { right: 0, left: 0, none: 0 };
  const unit = plan.lesson.lines[pass.line]?.unit;
  for (const [i, e] of events.entries()) {
    if (i >= upTo) break;
    if (!isPractice(e) || e.round === 0) continue;
    if (unit === 'seconds') done[sideOf(e.side)] += (course.amounts[index]! / e.of) * shareOf(events, e);
    else if (events[i + 1]?.round !== e.round) done[sideOf(e.side)]++;
  }
  course.done[index] = {
    right: Math.round(done.right),
    left: Math.round(done.left),
    none: Math.round(done.none),
  };
}

// Which part of its unit an event is.
function shareOf(events: readonly LessonEvent[], event: LessonEvent): number {
  const unit = events.filter((e) => isPractice(e) && e.round === event.round);
  return (
    event.ms /
    Math.max(
      1,
      unit.reduce((sum, e) => sum + e.ms, 0),
    )
  );
}

const sideOf = (side: string) => (side === 'right' || side === 'left' ? side : 'none');
const sum = (done: Record<string, number>) => Object.values(done).reduce((a, b) => a + b, 0);

// Whatever the first side comes to, the second is given the same.
function follow(plan: Plan, course: Course): void {
  const { passes } = plan.lesson;
  passes.forEach((pass, i) => {
    if (i <= course.pass || !isSecond(pass)) return;
    const first = pass.follows!;
    const amount = course.amounts[first]! + (pass.amount - passes[first]!.amount);
    course.skipped[i] = course.skipped[first]! || amount <= 0;
    if (!course.skipped[i]) course.amounts[i] = amount;
  });
}

const unitWords: Record<string, [string, string]> = {
  breaths: ['breath', 'breaths'],
  rounds: ['round', 'rounds'],
  beats: ['beat', 'beats'],
  seconds: ['second', 'seconds'],
};

/** So many units of a line, in words. */
export function inWords(unit: string, amount: number): string {
  const [one, many] = unitWords[unit] ?? ['', ''];
  return `${amount} ${amount === 1 ? one : many}`;
}

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

// Seconds of practice in the pass so far.
function secondsDone(plan: Plan, course: Course): number {
  const events = eventsOf(plan, course, course.pass);
  const counts = (e: LessonEvent) => isPractice(e) && e.round > 0;
  const over = events.slice(0, course.event).filter(counts);
  const current = events[course.event];
  const ms = over.reduce((all, e) => all + e.ms, 0) + (current && counts(current) ? course.offset : 0);
  return Math.round(ms / 1000);
}

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
    course.notice = `The first side had ${inWords(lines[pass.line]!.unit, course.amounts[course.pass]!)}. Skip once more to leave this one short.`;
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

// The fit that ends nearest to the minute, of those made beforehand for just here; what lies between them goes to the rest.
function finish(plan: Plan, course: Course): void {
  const free = firstFree(plan, course);
  const fits = plan.rungs.filter((r) => r.from <= free && free <= r.to);
  const tries = [undefined, ...fits].map((rung) => {
    const tried: Course = structuredClone(course);
    applyRung(plan, tried, free, rung);
    return { tried, rung, off: plan.targetMs - endOf(plan, tried) };
  });
  const best = tries.reduce((a, b) => (Math.abs(b.off) < Math.abs(a.off) ? b : a));
  Object.assign(course, best.tried);
  giveToRest(plan, course, best.off);
  const off = Math.round((endOf(plan, course) - plan.targetMs) / 1000);
  const lines = new Set(best.rung?.changes.map((c) => c.line)).size;
  const how =
    lines === 0
      ? Math.abs(best.off) < 1000
        ? 'as it is'
        : 'the rest takes it up'
      : `${lines} ${lines === 1 ? 'line' : 'lines'} ${best.rung!.totalMs < plan.lesson.totalMs ? 'shorter' : 'longer'}`;
  const text =
    Math.abs(off) * 1000 <= nearMs
      ? `Ends on time: ${how}.`
      : `Ends ${minutes(Math.abs(off))} ${off > 0 ? 'late: nothing shorter is left' : 'early: nothing longer is left'}.`;
  note(plan, course, 'finish', text);
  course.notice = text;
}

const minutes = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

// The first line of which nothing has been practised yet, on any side.
function firstFree(plan: Plan, course: Course): number {
  const order = lineOrder(plan);
  const pass = plan.lesson.passes[course.pass]!;
  const begun = plan.lesson.passes.some(
    (p, i) =>
      p.line === pass.line &&
      (i < course.pass || (i === course.pass && unitOf(eventsOf(plan, course, i), course.event) > 0)),
  );
  const index = order.get(pass.line);
  if (index !== undefined) return begun ? index + 1 : index;
  // Between lines: the next line there is.
  const next = plan.lesson.passes.slice(course.pass).find((p) => order.has(p.line));
  return next ? order.get(next.line)! : order.size;
}

const lineOrder = (plan: Plan) =>
  new Map(plan.lesson.score.lines.filter((l) => !l.kind).map((l, i) => [l.id, i] as const));

function applyRung(plan: Plan, course: Course, free: number, rung: Rung | undefined): void {
  const order = lineOrder(plan);
  const to = new Map(rung?.changes.map((c) => [c.line, c.to]));
  plan.lesson.passes.forEach((pass, i) => {
    const index = order.get(pass.line);
    if (i < course.pass || index === undefined || index < free || course.skipped[i]) return;
    course.stretched[i] = undefined;
    course.amounts[i] = to.get(pass.line) ?? pass.amount;
  });
  follow(plan, course);
}

function restPasses(plan: Plan, course: Course): number[] {
  return plan.lesson.passes.flatMap((p, i) =>
    i >= course.pass && plan.lesson.rest.lines.includes(p.line) && !course.skipped[i] ? [i] : [],
  );
}

// The rest grows, or shrinks as far as it stays a rest.
function giveToRest(plan: Plan, course: Course, ms: number): void {
  const left = restOf(plan, course);
  if (left <= 0 || ms === 0) return;
  const had = plan.lesson.passes.reduce(
    (sum, p, i) => sum + (i < course.pass && plan.lesson.rest.lines.includes(p.line) ? course.realMs[i]! : 0),
    0,
  );
  const least = Math.min(left, Math.max(0, plan.lesson.rest.leastMs - had));
  const factor = Math.max(left + ms, least) / left;
  for (const i of restPasses(plan, course)) {
    const current = i === course.pass;
    const stretch = { event: current ? course.event : 0, offset: current ? course.offset : 0, factor };
    // Stretched before, it is stretched from where we are now: the factors multiply.
    const was = course.stretched[i];
    course.stretched[i] =
      was && was.event >= stretch.event ? { ...stretch, factor: was.factor * factor } : stretch;
  }
}

function note(plan: Plan, course: Course, what: string, text: string): void {
  course.changes.push({
    atMs: course.now - course.startedAt,
    what,
    line: plan.lesson.passes[course.pass]?.line ?? null,
    text,
  });
}
