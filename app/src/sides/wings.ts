import { plain } from '../lib/words';
import type { Score } from '../lib/api/client';

/** One pair of wings: what, and the milliseconds of each side. */
export interface Wing {
  name: string;
  rightMs: number;
  leftMs: number;
}

const word = (id: string) => {
  const text = plain(id).replaceAll('.', ' ');
  return text[0]!.toUpperCase() + text.slice(1);
};

/** Areas by side, the theme first, then the most practised. */
export function areaWings(
  score: Score,
  theme: readonly string[],
): (Wing & { id: string; onTheme: boolean })[] {
  return score.ledgers.areas
    .map((a) => ({
      id: a.area,
      name: word(a.area),
      rightMs: a.rightMs,
      leftMs: a.leftMs,
      onTheme: theme.includes(a.area),
    }))
    .sort((a, b) => Number(b.onTheme) - Number(a.onTheme) || b.rightMs + b.leftMs - a.rightMs - a.leftMs);
}

export function moveWings(score: Score): Wing[] {
  return score.ledgers.sides.map((s) => ({ name: s.what, rightMs: s.right, leftMs: s.left }));
}

const trunk: Record<string, string> = {
  'neck.side': 'Neck, tilt',
  'neck.rotation': 'Neck, turn',
  'upper.side': 'Upper back, side bend',
  'upper.rotation': 'Upper back, turn',
  'lower.side': 'Low back, side bend',
  'lower.rotation': 'Low back, turn',
};
const limbs: Record<string, string> = {
  'shoulder.elevation': 'Arm lifted',
  'hip.flexion': 'Hip bent or opened',
  'hip.turn': 'Hip turned',
  'hip.abduction': 'Leg apart or across',
  knee: 'Knee bent',
};

/** Axes by side: a trunk's by direction, a limb's by limb. */
export function axisWings(score: Score): Wing[] {
  const axes = new Map(score.ledgers.axes.map((a) => [a.axis, a]));
  const both = (name: string) => {
    const a = axes.get(name);
    return a ? a.plusMs + a.minusMs : 0;
  };
  const turns = Object.entries(trunk).map(([axis, name]) => ({
    name,
    rightMs: axes.get(axis)?.plusMs ?? 0,
    leftMs: axes.get(axis)?.minusMs ?? 0,
  }));
  const pairs = Object.entries(limbs).map(([axis, name]) => ({
    name,
    rightMs: both(`right.${axis}`),
    leftMs: both(`left.${axis}`),
  }));
  return [...turns, ...pairs].filter((w) => w.rightMs + w.leftMs > 0);
}

/** Under a breath of difference nobody is lopsided. */
export const isUneven = ({ rightMs, leftMs }: Wing) =>
  Math.abs(rightMs - leftMs) > 5000 && Math.abs(rightMs - leftMs) > 0.02 * Math.max(rightMs, leftMs);
