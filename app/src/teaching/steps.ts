import type { LessonEvent } from '../lib/api/client';
import { eventsOf, isPractice, isSecond, type Course, type Plan } from './passes';

// The event is over: on to the next one, in this pass or the next that has any.
export function step(plan: Plan, course: Course, at: number): void {
  course.event++;
  course.offset = 0;
  count(plan, course, course.pass, course.event);
  settle(plan, course, at);
}

// Goes on to the next event there is, through passes that have none, to the end.
export function settle(plan: Plan, course: Course, at = course.now): void {
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
export function backInto(plan: Plan, course: Course, pass: number): void {
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
export function count(plan: Plan, course: Course, index: number, upTo: number): void {
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

// Whatever the first side comes to, the second is given the same.
export function follow(plan: Plan, course: Course): void {
  const { passes } = plan.lesson;
  passes.forEach((pass, i) => {
    if (i <= course.pass || !isSecond(pass)) return;
    const first = pass.follows!;
    const amount = course.amounts[first]! + (pass.amount - passes[first]!.amount);
    course.skipped[i] = course.skipped[first]! || amount <= 0;
    if (!course.skipped[i]) course.amounts[i] = amount;
  });
}
