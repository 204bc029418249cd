import type { ClassFile, Taught } from '../lib/api/client';
import { localIso } from '../lib/time';
import type { Course, Plan } from './course';

type TaughtLine = NonNullable<Taught['lines']>[number];

/** The log of a class that was taught: planned and real, line by line. */
export function logOf(id: string, document: ClassFile, plan: Plan, course: Course): Taught {
  const { lesson } = plan;
  return {
    id,
    class: document.id ?? null,
    title: document.title || 'Class',
    at: localIso(course.startedAt),
    plannedMs: lesson.totalMs,
    realMs: (course.endedAt ?? course.now) - course.startedAt,
    likely: { fromMs: lesson.score.forecast.p10Ms, toMs: lesson.score.forecast.p90Ms },
    lines: linesOf(plan, course),
    changes: course.changes.map((c) => ({ ...c })),
    left: null,
    short: [],
    incidents: [],
    note: '',
    next: '',
  };
}

function linesOf(plan: Plan, course: Course): TaughtLine[] {
  const { lesson } = plan;
  return lesson.score.lines.map((scored) => {
    const line = lesson.lines[scored.id];
    const passes = lesson.passes
      .map((pass, i) => ({ pass, i }))
      .filter(({ pass }) => pass.line === scored.id);
    const done = { right: 0, left: 0, none: 0 };
    for (const { i } of passes)
      for (const side of ['right', 'left', 'none'] as const) done[side] += course.done[i]![side];
    return {
      line: scored.id,
      name: line?.name ?? (scored.kind === 'wait' ? 'Waiting' : 'Talk'),
      planned: {
        right: scored.practice.right?.amount ?? 0,
        left: scored.practice.left?.amount ?? 0,
        none: scored.practice.none?.amount ?? 0,
      },
      done,
      plannedMs: scored.time ? scored.time.fixedMs + scored.time.unitMs * scored.amount : 0,
      realMs: passes.reduce((ms, { i }) => ms + course.realMs[i]!, 0),
      move: line?.move ?? null,
      unit: line?.unit ?? null,
    };
  });
}
