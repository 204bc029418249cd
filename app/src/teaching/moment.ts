import type { Lesson, LessonEvent, LessonPass } from '../lib/api/client';
import { endOf, eventsOf, inWords, restOf, unitOf, type Course, type Plan } from './passes';

/** What is to be seen at a moment of a class. */
export interface Moment {
  event: LessonEvent;
  pass: LessonPass;
  line: Lesson['lines'][string] | undefined;
  /** How far the event has gone, from 0 to 1. */
  share: number;
  headline: string;
  /** What is said, in full, where it is more than the headline. */
  words: string;
  side: 'right' | 'left' | 'none';
  /** Units still to do of this pass, the one under way among them; null where nothing is counted. */
  left: number | null;
  unit: string;
  isLast: boolean;
  /** What the other side is to get, before it comes. */
  then: string;
  /** How high the water stands, from 0 to 1; null where each breathes their own breath. */
  water: number | null;
  next: Next | null;
  elapsedMs: number;
  /** By how much the class will end late; less than 0 for early. */
  behindMs: number;
  restMs: number;
  open: string[];
}

/** The line that comes next. */
export interface Next {
  name: string;
  side: string;
  /** How people get there, where they go somewhere. */
  way: string;
  wayMs: number;
  props: string[];
  inMs: number;
  line: string;
}

const aheadMs = 10_000;

export function momentOf(plan: Plan, course: Course): Moment {
  const pass = plan.lesson.passes[course.pass]!;
  const events = eventsOf(plan, course, course.pass);
  const event = events[course.event]!;
  const share = event.ms > 0 ? Math.min(1, course.offset / event.ms) : 1;
  const headline = pieceAt(event.headlines, share);
  const line = plan.lesson.lines[pass.line];
  const left = leftOf(course, line?.unit, events);
  return {
    event,
    pass,
    line,
    share,
    headline,
    words: event.cue && event.cue !== headline ? event.cue : '',
    side: sideOf(event.side === 'none' ? pass.side : event.side),
    left,
    unit: line?.unit ?? '',
    isLast: left === 1 && line?.unit !== 'seconds' && event.round > 0 && event.of > 1,
    then: thenOf(plan, course),
    water: waterAt(event, share),
    next: nextOf(plan, course, events),
    elapsedMs: course.now - course.startedAt,
    behindMs: endOf(plan, course) - plan.targetMs,
    restMs: restOf(plan, course),
    open: openAt(plan, course),
  };
}

const sideOf = (side: string) => (side === 'right' || side === 'left' ? side : 'none');

/** Pieces are shown for as long as their words take of the whole. */
function pieceAt(pieces: readonly string[], share: number): string {
  const words = pieces.map((p) => p.split(' ').length);
  const all = words.reduce((a, b) => a + b, 0);
  let until = 0;
  for (const [i, piece] of pieces.entries()) {
    until += words[i]! / all;
    if (share < until) return piece;
  }
  return pieces.at(-1) ?? '';
}

// Counts go down; seconds by the clock.
function leftOf(course: Course, unit: string | undefined, events: readonly LessonEvent[]): number | null {
  const counted = events.filter((e) => e.round > 0);
  if (!unit || counted.length === 0) return null;
  if (unit === 'seconds') {
    const ahead = events.reduce(
      (ms, e, i) =>
        e.round > 0 && i >= course.event ? ms + e.ms - (i === course.event ? course.offset : 0) : ms,
      0,
    );
    return Math.ceil(ahead / 1000);
  }
  if (events.slice(course.event).every((e) => e.round === 0)) return 0;
  const under = unitOf(events, course.event);
  return Math.max(...counted.map((e) => e.of)) - Math.max(0, under - 1);
}

function thenOf(plan: Plan, course: Course): string {
  const second = plan.lesson.passes.findIndex((p, i) => i > course.pass && p.follows === course.pass);
  if (second < 0 || course.skipped[second]) return '';
  const { side, line } = plan.lesson.passes[second]!;
  return `then ${side}, ${inWords(plan.lesson.lines[line]!.unit, course.amounts[second]!)}`;
}

// Slow at both ends, as a breath is.
const eased = (t: number) => t * t * (3 - 2 * t);

function waterAt(event: LessonEvent, share: number): number | null {
  if (event.kind !== 'breath') return null;
  if (event.breath === 'in') return eased(share);
  if (event.breath === 'out') return 1 - eased(share);
  if (event.breath === 'hold-in') return 1;
  return event.breath === 'hold-out' ? 0 : null;
}

function nextOf(plan: Plan, course: Course, events: readonly LessonEvent[]): Next | null {
  const inMs = events.slice(course.event).reduce((ms, e) => ms + e.ms, -course.offset);
  const { passes, lines, score } = plan.lesson;
  let index = course.pass + 1;
  while (index < passes.length && eventsOf(plan, course, index).length === 0) index++;
  const pass = passes[index];
  if (!pass) return null;
  const ahead = eventsOf(plan, course, index);
  const ways = ahead.filter((e) => e.kind === 'way');
  const here = passes[course.pass]!.startMs;
  return {
    name: lines[pass.line]?.name ?? ahead[0]!.headlines[0] ?? '',
    side: pass.side,
    way: ways.flatMap((e) => e.headlines).join(' '),
    wayMs: ways.reduce((ms, e) => ms + e.ms, 0),
    props: score.props
      .filter((p) => p.line === pass.line && p.fromMs > here && pass.line !== passes[course.pass]!.line)
      .map((p) => p.prop),
    inMs,
    line: pass.line,
  };
}

/** Whether the next line is to be told now. */
export const isNear = (next: Next | null): next is Next => next !== null && next.inMs <= aheadMs;

// What was opened and not closed: looked up at the place the plan has for this event.
function openAt(plan: Plan, course: Course): string[] {
  const pass = plan.lesson.passes[course.pass]!;
  const planned = pass.doses.find((d) => d.amount === pass.amount)?.events ?? [];
  const at = planned.slice(0, course.event).reduce((ms, e) => ms + e.ms, pass.startMs);
  const open = plan.lesson.score.open.filter((o) => o.fromMs <= at && (o.toMs ?? Infinity) > at);
  return [...new Set(open.map((o) => o.what))];
}
