import type { Lesson, LessonEvent, LessonPass, Rung } from '../lib/api/client';
import { unitFor } from '../lib/words';

/** One tap, and when, in milliseconds since 1970. */
export interface Tap {
  at: number;
  act: Act;
}

/** What whoever teaches can do. */
export type Act = 'pause' | 'go-on' | 'next' | 'back' | 'more' | 'fewer' | 'skip' | 'finish';

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
 * Where a class has got to. Everything follows from the plan, when it began and the taps, so that a reload, a tab that slept and a tap
 * taken back all come out right.
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

export const isSecond = (pass: LessonPass) => typeof pass.follows === 'number';

export const isPractice = (e: LessonEvent) => e.kind === 'breath' || e.kind === 'beat';

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

export function restPasses(plan: Plan, course: Course): number[] {
  return plan.lesson.passes.flatMap((p, i) =>
    i >= course.pass && plan.lesson.rest.lines.includes(p.line) && !course.skipped[i] ? [i] : [],
  );
}

// Seconds of practice in the pass so far.
export function secondsDone(plan: Plan, course: Course): number {
  const events = eventsOf(plan, course, course.pass);
  const counts = (e: LessonEvent) => isPractice(e) && e.round > 0;
  const over = events.slice(0, course.event).filter(counts);
  const current = events[course.event];
  const ms = over.reduce((all, e) => all + e.ms, 0) + (current && counts(current) ? course.offset : 0);
  return Math.round(ms / 1000);
}

/** So many units of a line, in words. */
export const inWords = (unit: string, amount: number): string => `${amount} ${unitFor(amount, unit)}`;

export function note(plan: Plan, course: Course, what: string, text: string): void {
  course.changes.push({
    atMs: course.now - course.startedAt,
    what,
    line: plan.lesson.passes[course.pass]?.line ?? null,
    text,
  });
}
