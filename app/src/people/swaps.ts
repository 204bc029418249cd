import type { Condition, LineScore, Move, Position } from '../lib/api/client';

/** What somebody does otherwise in a line. */
export type Swap = NonNullable<LineScore['conditions']>[number];

/** What names are looked up in. */
export interface Names {
  conditions: readonly Condition[];
  moves: ReadonlyMap<string, Pick<Move, 'name'>>;
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
export function wayOut(to: { position: string; option: string }, names: Names, here?: string | null): string {
  const where = to.position === here ? '' : lower(names.positions.get(to.position)?.name ?? to.position);
  const how = to.option === 'base' ? '' : `the ${to.option} option`;
  return [how, where].filter(Boolean).join(', ');
}

/** One replacement: the move, where it is not where everybody is, and whether it is smaller. */
export function standIn(instead: Swap['instead'][number], names: Names, here?: string | null): string {
  const name = names.moves.get(instead.move)?.name ?? instead.move;
  const where =
    instead.position === here
      ? ''
      : `, ${lower(names.positions.get(instead.position)?.name ?? instead.position)}`;
  const how = instead.advice === 'smaller' ? ', small' : '';
  return `${name}${where}${how}`;
}

/** What they do, as a teacher says it. */
export function whatOf(swap: Swap, names: Names, here?: string | null): string {
  const only = swap.only && swap.only !== 'none' ? ` on the ${swap.only} side` : '';
  if (swap.advice === 'another-way' && swap.to) return `${wayOut(swap.to, names, here)}${only}`;
  if (swap.advice !== 'leave-out') return `smaller${only}: ${swap.how}`;
  const [first] = swap.instead;
  return first ? `${standIn(first, names, here)} instead${only}` : `they ${swap.meanwhile ?? 'rest'}`;
}

/** One swap as a teacher reads it. */
export const saySwap = (swap: Swap, names: Names, here?: string | null) =>
  `${who(swap, names)}: ${whatOf(swap, names, here)}; ${swap.because}`;

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
