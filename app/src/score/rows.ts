import type { ClassFile, Finding, Item, Line, LineScore, Score, Section } from '../lib/api/client';
import type { Band, Mark, Tick } from '../tide/marks';
import { isSet } from '../document/edits';

/** A line of the class beside what came out of it. */
export interface LineRow {
  kind: 'line';
  line: Line;
  score: LineScore | undefined;
}

export interface SetRow {
  kind: 'set';
  id: string;
  name: string;
  rounds: number | ('right' | 'left')[];
  pauseBetween: number;
  rows: Row[];
}

export type Row = LineRow | SetRow;

export interface SectionRows {
  section: Section;
  fromMs: number;
  toMs: number;
  rows: Row[];
}

/** The class as the score shows it: sections, sets and lines, each with its time. */
export function rowsOf(document: ClassFile, score: Score | null): SectionRows[] {
  const scores = new Map(score?.lines.map((l) => [l.id, l]));
  const toRow = (item: Item): Row =>
    isSet(item)
      ? {
          kind: 'set',
          id: item.id ?? '',
          name: item.set.name ?? '',
          rounds: item.set.rounds ?? 1,
          pauseBetween: item.set.pauseBetween ?? 0,
          rows: item.set.items.map(toRow),
        }
      : { kind: 'line', line: item as Line, score: scores.get(item.id ?? '') };
  let now = 0;
  return document.sections.map((section) => {
    const rows = (section.items ?? []).map(toRow);
    const spans = linesOf(rows).flatMap((l) => l.score?.occurrences ?? []);
    const fromMs = now;
    now = spans.reduce((end, o) => Math.max(end, o.startMs + o.ms), now);
    return { section, fromMs, toMs: now, rows };
  });
}

export function linesOf(rows: Row[]): LineRow[] {
  return rows.flatMap((row) => (row.kind === 'line' ? [row] : linesOf(row.rows)));
}

/** Sections as bands of the tide line; the last one reaches the end. */
export function bandsOf(sections: SectionRows[], totalMs: number): Band[] {
  return sections.map((s, i) => ({
    id: s.section.id ?? String(i),
    name: s.section.name ?? '',
    fromMs: s.fromMs,
    toMs: i === sections.length - 1 ? totalMs : s.toMs,
  }));
}

/** A mark for each time a line is done on one side. */
export function ticksOf(score: Score | null): Tick[] {
  return (score?.lines ?? []).flatMap((line) =>
    line.occurrences.flatMap((o) =>
      o.side === 'none' || line.sides.startsWith('alternate')
        ? []
        : [{ ms: o.startMs + o.ms / 2, side: o.side }],
    ),
  );
}

/** Findings where they are, under the tide line. */
export function marksOf(score: Score | null): Mark[] {
  const starts = new Map(score?.lines.map((l) => [l.id, l.occurrences[0]?.startMs]));
  return (score?.findings ?? []).flatMap((f: Finding) => {
    const ms = f.lines.map((id) => starts.get(id)).find((m) => m !== undefined);
    return ms === undefined ? [] : [{ ms, level: f.level, text: f.text }];
  });
}
