import { unitFor } from '../lib/words';
import type { Family, Move, MoveDetail } from '../lib/api/client';

/** What the words of the API are called on the page. */
export const families: [Family, string][] = [
  ['standing', 'Standing'],
  ['seated', 'Seated'],
  ['floor', 'Kneeling and floor'],
  ['supine', 'Lying'],
];

export const kinds: [string, string][] = [
  ['hold', 'Holds'],
  ['flow', 'Flows'],
  ['rhythm', 'Rhythms'],
  ['breathing', 'Breathing'],
  ['balance', 'Balances'],
  ['check-in', 'Check-ins'],
  ['rest', 'Rests'],
];

export const sidedness: [Move['sides'], string][] = [
  ['none', 'No sides'],
  ['one-sided', 'One side, then the other'],
  ['alternating', 'Alternating'],
  ['circling', 'Circling both ways'],
  ['crossing', 'Crossing'],
];

/** How the sides of a move are taken, in a few words. */
export function sidesOf(move: Move): string {
  const names = move.rightNames ? `, right is ${move.rightNames}` : '';
  switch (move.sides) {
    case 'none':
      return 'no sides';
    case 'one-sided':
      return `one side, then the other${names}`;
    case 'alternating':
      return `alternating${names}`;
    case 'crossing':
      return `crossing${names}`;
    default:
      return 'both ways round';
  }
}

/** The dose as a teacher says it. */
export const doseOf = ({ dose }: Move) =>
  `${dose.usual} ${unitFor(dose.usual, dose.unit)}` +
  (dose.least === dose.most ? '' : ` (${dose.least} to ${dose.most})`);

/** How hard it is, and what that is taken from. */
export const effortOf = ({ summary, like }: MoveDetail) =>
  `Effort ${summary.effort} MET` +
  (like ? `, as ${like.name} (2011 Compendium, ${like.code}).` : ', placed by eye; 1 is sitting still.');

/** The position a move is shown in: the one that was worked out, while it is one of the move's, else its usual one. */
export const shownIn = (move: Move | undefined, worked: string | null | undefined) =>
  worked && move?.positions.includes(worked) ? worked : (move?.positions[0] ?? worked ?? '');

const breaths: Record<string, string> = {
  in: 'In',
  out: 'Out',
  stay: 'Stay',
  free: 'Free',
  'hold-in': 'Held',
  'hold-out': 'Held out',
};

/** The breath of a phase, as a heading. */
export const breathName = (breath: string) => breaths[breath] ?? breath;
