import { expect, test } from 'vitest';
import { facing, said } from './sides';

test('whoever faces the group has the other sides, and twice turned is as before', () => {
  expect(facing('Right hand to the left knee')).toBe('Left hand to the right knee');
  expect(facing(facing('Bend to the right, left ribs open'))).toBe('Bend to the right, left ribs open');
  expect(facing('Breathe upright')).toBe('Breathe upright');
});

test('circles of the elbows are called by where they meet, each way round', () => {
  expect(said('Wheel, {meeting on the way up}', 'right')).toBe('Wheel, meeting on the way up');
  expect(said('Wheel, {meeting on the way up}', 'left')).toBe('Wheel, meeting on the way down');
});
