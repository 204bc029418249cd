import type { Rung } from '../lib/api/client';
import { clock } from '../lib/time';
import { endOf, eventsOf, note, restOf, restPasses, unitOf, type Course, type Plan } from './passes';
import { follow } from './steps';

const nearMs = 10_000;

// The fit that ends nearest to the minute, of those made beforehand for just here; what lies between them goes to the rest.
export function finish(plan: Plan, course: Course): void {
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
      : `Ends ${clock(off * 1000)} ${off > 0 ? 'late: nothing shorter is left' : 'early: nothing longer is left'}.`;
  note(plan, course, 'finish', text);
  course.notice = text;
}

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
