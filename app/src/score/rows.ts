import type {
  ClassFile,
  Finding,
  Item,
  Line,
  LineScore,
  Pause,
  Score,
  Section,
  Talk,
  Wait,
} from '../lib/api/client';
import type { Band, Mark, Tick } from '../tide/marks';
import { isLine, isSet } from '../document/edits';

/** A line of the class beside what came out of it. */
export interface LineRow {
  kind: 'line';
  line: Line;
  score: LineScore | undefined;
}

/** Talk or waiting between lines. */
export interface BetweenRow {
  kind: 'between';
  id: string;
  item: Talk | Wait;
  score: LineScore | undefined;
}

export interface SetRow {
  kind: 'set';
  id: string;
  name: string;
  rounds: number | ('right' | 'left')[];
  pauseBetween: Pause | undefined;
  rows: Row[];
}

export type Row = LineRow | BetweenRow | SetRow;

export interface SectionRows {
  section: Section;
  fromMs: number;
  toMs: number;
  rows: Row[];
}

/** The class as the score shows it: sections, sets and lines, each with its time. */
export function rowsOf(document: ClassFile, score: Score | null): SectionRows[] {
  const scores = new Map(score?.lines.map((l) => [l.id, l]));
  const toRow = (item: Item): Row => {
    const id = item.id ?? '';
    if (isSet(item))
      return {
        kind: 'set',
        id,
        name: item.set.name ?? '',
        rounds: item.set.rounds ?? 1,
        pauseBetween: item.set.pauseBetween,
        rows: item.set.items.map(toRow),
      };
    return isLine(item)
      ? { kind: 'line', line: item, score: scores.get(id) }
      : { kind: 'between', id, item, score: scores.get(id) };
  };
  let now = 0;
  return document.sections.map((section) => {
    const rows = (section.items ?? []).map(toRow);
    const spans = leavesOf(rows).flatMap((l) => l.score?.occurrences ?? []);
    const fromMs = now;
    now = spans.reduce((end, o) => Math.max(end, o.startMs + o.ms), now);
    return { section, fromMs, toMs: now, rows };
  });
}

/** All that takes time by itself: lines, talk, waiting; without the sets around them. */
export function leavesOf(rows: Row[]): (LineRow | BetweenRow)[] {
  return rows.flatMap((row) => (row.kind === 'set' ? leavesOf(row.rows) : [row]));
}

export function linesOf(rows: Row[]): LineRow[] {
  return leavesOf(rows).filter((row) => row.kind === 'line');
}

export const idOf = (row: Row): string => (row.kind === 'line' ? (row.line.id ?? '') : row.id);

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
