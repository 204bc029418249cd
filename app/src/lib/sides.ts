import type { Move, Sides } from './api/client';

export type Side = 'right' | 'left' | 'none';

interface Pair {
  /** The first, the other, the first and then the other, the other and then the first. */
  words: readonly [Sides, Sides, Sides, Sides];
  said: readonly [string, string];
}

/** The words of a side order, by how a move has sides: what the file writes and what the teacher reads. */
const pairs: Record<'one-sided' | 'crossing' | Move['circle'], Pair> = {
  'one-sided': { words: ['right', 'left', 'right-left', 'left-right'], said: ['right', 'left'] },
  crossing: { words: ['over', 'under', 'over-under', 'under-over'], said: ['right on top', 'left on top'] },
  clockwise: { words: ['cw', 'ccw', 'cw-ccw', 'ccw-cw'], said: ['clockwise', 'the other way'] },
  backwards: { words: ['back', 'forward', 'back-forward', 'forward-back'], said: ['backwards', 'forwards'] },
  inwards: { words: ['in', 'out', 'in-out', 'out-in'], said: ['inwards', 'outwards'] },
};

function pairOf(move: Move) {
  if (move.sides === 'circling') return pairs[move.circle];
  return move.sides === 'crossing' ? pairs.crossing : pairs['one-sided'];
}

/** What the right and the left of a move are called: sides, or ways round. */
export const sideNames = (move: Pick<Move, 'sides' | 'circle'>): readonly [string, string] =>
  move.sides === 'circling' ? pairs[move.circle].said : ['right', 'left'];

export interface SideChoice {
  word: Sides;
  said: { text: string; side: Side }[];
}

/** What a line of this move can be done on, in the order of a menu. */
export function choices(move: Move): SideChoice[] {
  if (move.sides === 'none') return [];
  if (move.sides === 'alternating') {
    return [
      { word: 'alternate', said: [{ text: 'alternating from the right', side: 'right' }] },
      { word: 'alternate-left', said: [{ text: 'alternating from the left', side: 'left' }] },
    ];
  }
  const { words, said } = pairOf(move);
  const right = { text: said[0], side: 'right' as const };
  const left = { text: said[1], side: 'left' as const };
  return [
    { word: words[2], said: [right, left] },
    { word: words[3], said: [left, right] },
    { word: words[0], said: [right] },
    { word: words[1], said: [left] },
  ];
}

/** The choice a line has made, or the move's own. */
export function chosen(move: Move, word: string | null | undefined, leftFirst: boolean): SideChoice | null {
  const all = choices(move);
  return all.find((c) => c.word === word) ?? all[leftFirst ? 1 : 0] ?? null;
}

export interface Spoken {
  text: string;
  side: Side;
}

const swaps: Record<string, string> = {
  right: 'left',
  left: 'right',
  clockwise: 'the other way round',
  backwards: 'forwards',
  inwards: 'outwards',
  'meeting on the way up': 'meeting on the way down',
};

/** A cue said for a side. */
export const said = (cue: string, side: Side): string =>
  spoken(cue, side)
    .map((p) => p.text)
    .join('');

/** A cue that is said, with its sides as somebody has them who faces the group, or back again. */
export const facing = (cue: string): string =>
  cue.replace(/\b(right|left)\b/gi, (word) => {
    const other = word.toLowerCase() === 'right' ? 'left' : 'right';
    return word[0] === word[0]!.toUpperCase() ? other[0]!.toUpperCase() + other.slice(1) : other;
  });

/** A cue said for a side, its side words told apart. */
export function spoken(cue: string, side: Side): Spoken[] {
  return cue.split(/(\{[a-z ]+\})/).flatMap((piece, i): Spoken[] => {
    if (!piece) return [];
    if (!piece.startsWith('{')) return [{ text: piece, side: 'none' }];
    const word = piece.slice(1, -1);
    const said = side === 'left' ? (swaps[word] ?? word) : word;
    const text = i <= 1 && cue.startsWith('{') ? said.charAt(0).toUpperCase() + said.slice(1) : said;
    return [{ text, side: said === 'right' ? 'right' : said === 'left' ? 'left' : 'none' }];
  });
}
