import { expect, test } from 'vitest';
import { known, sincesWith, written } from './person';

test('a condition is written as short as it can be, and read back whole', () => {
  expect(written({ id: 'wrist' })).toBe('wrist');
  expect(written({ id: 'shoulder', side: 'right' })).toEqual({ id: 'shoulder', side: 'right' });
  expect(known(written({ id: 'postnatal', since: 'P8W' }))).toEqual({ id: 'postnatal', since: 'P8W' });
  expect(known('wrist')).toEqual({ id: 'wrist' });
});

test('a duration of somebody else stays to be chosen', () => {
  expect(sincesWith('P5M').at(-1)).toEqual(['P5M', 'P5M']);
  expect(sincesWith('P8W')).toEqual(sincesWith(null));
});
