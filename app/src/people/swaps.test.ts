import { expect, test } from 'vitest';
import type { Condition } from '../lib/api/client';
import { saySwap, shortSwap } from './swaps';

const wrist = {
  id: 'wrist',
  name: 'Wrist, thumb',
  leaveOut: '',
  offer: 'Forearms, fists, chair seat',
} as Condition;
const swap = {
  line: 'l1',
  condition: 'wrist',
  people: 2,
  advice: 'swap' as const,
  because: 'hands carry weight',
  instead: null,
};

test('a swap says who, what and why', () => {
  expect(saySwap({ ...swap, instead: 'Cat at the wall' }, wrist)).toBe(
    'Wrist, thumb (2): Cat at the wall instead; hands carry weight',
  );
  expect(saySwap(swap, wrist)).toBe('Wrist, thumb (2): offer forearms; hands carry weight');
  expect(saySwap({ ...swap, advice: 'smaller' }, wrist)).toContain('smaller, or the easier option');
  expect(saySwap({ ...swap, advice: 'leave-out' }, undefined)).toBe(
    'wrist (2): leave it out and breathe; hands carry weight',
  );
});

test('in a line there is room for who and what', () => {
  expect(shortSwap({ ...swap, instead: 'Cat at the wall' }, wrist)).toBe('wrist 2: Cat at the wall');
  expect(shortSwap(swap, wrist)).toBe('wrist 2: swap');
});
