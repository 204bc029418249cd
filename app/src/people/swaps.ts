import type { Condition, LineScore, Move, Position } from '../lib/api/client';

/** What somebody does otherwise in a line. */
export type Swap = NonNullable<LineScore['conditions']>[number];

/** What names are looked up in. */
export interface Names {
  conditions: readonly Condition[];
  moves: ReadonlyMap<string, Pick<Move, 'name' | 'positions'>>;
  positions: ReadonlyMap<string, Pick<Position, 'name'>>;
}

/** What is advised, as a person says it. */
export const advised: Record<string, string> = {
  fine: 'fine',
  smaller: 'smaller',
  'another-way': 'another way',
  'leave-out': 'leave out',
};

/** What an advice rests on, as a person says it. */
export const source: Record<string, string> = {
  author: 'the author says so',
  shape: 'read off the shapes',
  kind: 'by the kind of move',
};

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
const nameOf = (names: Names, id: string) => names.conditions.find((c) => c.id === id)?.name ?? id;

/** Whom it is for: what they have together, and how many they are. */
export function who(swap: Swap, names: Names): string {
  const all = swap.with.map((id, i) => (i === 0 ? nameOf(names, id) : lower(nameOf(names, id))));
  return `${all.join(', and ')} (${swap.people})`;
}

/** A position and an option of the same move. */
export function wayOut(to: NonNullable<Swap['to']>, names: Names, here?: string | null): string {
  const where = to.position === here ? '' : lower(names.positions.get(to.position)?.name ?? to.position);
  const how = to.option === 'base' ? '' : `${to.option}: ${lower(to.cue ?? 'less of it')}`;
  return [where, how].filter(Boolean).join(', ');
}

/** One replacement: the move, where it is not where everybody is, and whether it is smaller. */
export function standIn(instead: Swap['instead'][number], names: Names, here?: string | null): string {
  const move = names.moves.get(instead.move);
  // A move that is taken in one position only says where by its name.
  const where =
    instead.position === here || move?.positions.length === 1
      ? ''
      : `, ${lower(names.positions.get(instead.position)?.name ?? instead.position)}`;
  const how = instead.advice === 'smaller' ? ', small' : '';
  return `${move?.name ?? instead.move}${where}${how}`;
}

/** What they do beside its word, as a teacher says it. */
export function whatOf(swap: Swap, names: Names, here?: string | null): string {
  const only = swap.only && swap.only !== 'none' ? ` on the ${swap.only} side` : '';
  if (swap.advice === 'another-way' && swap.to)
    return [wayOut(swap.to, names, here) + only, swap.how].filter(Boolean).join('; ');
  if (swap.advice !== 'leave-out') return `${swap.how}${only}`;
  const [first] = swap.instead;
  return first ? `${standIn(first, names, here)} instead${only}` : `they ${swap.meanwhile ?? 'rest'}`;
}

/** One swap as a teacher reads it. */
export const saySwap = (swap: Swap, names: Names, here?: string | null) =>
  `${who(swap, names)}: ${advised[swap.advice]}, ${whatOf(swap, names, here)}; because ${swap.because}`;

/** In a line there is room for who and what. */
export function shortSwap(swap: Swap, names: Names, here?: string | null): string {
  const short = lower(
    nameOf(names, swap.id)
      .split(/[,(]| or /)[0]!
      .trim(),
  );
  const [first] = swap.instead;
  const what =
    swap.advice === 'another-way' && swap.to
      ? wayOut(swap.to, names, here)
      : swap.advice === 'leave-out'
        ? (first && names.moves.get(first.move)?.name) || 'leave out'
        : advised[swap.advice];
  return `${short} ${swap.people}: ${what}`;
}

/** Whether somebody takes it in another position, with no option; whatever else is smaller there. */
export const inAnotherPlace = (swap: Swap, here: string | null | undefined) =>
  swap.advice === 'another-way' && swap.to?.option === 'base' && swap.to.position !== here;

/** What is left to say of a line once it is said where somebody is: nothing, or what is smaller there. */
export function beside(swap: Swap, here: string | null | undefined): Swap | null {
  if (!inAnotherPlace(swap, here)) return swap;
  return swap.how ? { ...swap, advice: 'smaller', to: null } : null;
}

/** What is left to say of a line's people. */
export const besideAll = (line: LineScore): Swap[] =>
  (line.conditions ?? []).map((s) => beside(s, line.position)).filter((s) => s !== null);

/** Lines in a row in one position which somebody takes in another: said once, not line by line. */
export interface Elsewhere {
  from: LineScore;
  to: LineScore;
  position: string;
  swap: Swap;
}

export function elsewhereOf(lines: readonly LineScore[]): Elsewhere[] {
  const found: Elsewhere[] = [];
  const open = new Map<string, Elsewhere>();
  for (const line of lines) {
    if (line.kind) continue;
    const here = new Map(
      (line.conditions ?? []).filter((s) => inAnotherPlace(s, line.position)).map((s) => [keyOf(s), s]),
    );
    for (const key of [...open.keys()]) if (!here.has(key)) open.delete(key);
    for (const [key, swap] of here) {
      const run = open.get(key);
      if (run?.position === line.position) run.to = line;
      else {
        const begun = { from: line, to: line, position: line.position ?? '', swap };
        open.set(key, begun);
        found.push(begun);
      }
    }
  }
  return found;
}

const keyOf = (swap: Swap) => `${swap.with.join()} ${swap.to?.position} ${swap.to?.option}`;

/** The lines in which somebody does something else, with what is left to say of them there. */
export const linesWithSwaps = (lines: readonly LineScore[]): { line: LineScore; swaps: Swap[] }[] =>
  lines.map((line) => ({ line, swaps: besideAll(line) })).filter((l) => l.swaps.length > 0);

/** When the last time a line is taken is over. */
export const endOf = (line: LineScore): number => {
  const last = line.occurrences.at(-1);
  return (last?.startMs ?? 0) + (last?.ms ?? 0);
};

/** A position within a sentence. */
export const placeName = (id: string, names: Names) => lower(names.positions.get(id)?.name ?? id);
