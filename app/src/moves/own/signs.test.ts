import { expect, test } from 'vitest';
import { fieldOf, freePlace, places, rowsOf, signs } from './signs';

test('a field is read row by row and written as it was', () => {
  const field = { attend: ['right.shoulder-top', 'left.shoulder-top'], breath: ['nose'] };
  const rows = rowsOf(field);
  expect(rows).toEqual([
    { sign: 'attend', at: 'right.shoulder-top' },
    { sign: 'attend', at: 'left.shoulder-top' },
    { sign: 'breath', at: 'nose' },
  ]);
  expect(fieldOf(rows)).toEqual(field);
});

test('rows of one sign that stand apart become one list', () =>
  expect(
    fieldOf([
      { sign: 'tap', at: 'left.hand' },
      { sign: 'breath', at: 'nose' },
      { sign: 'tap', at: 'right.hand' },
    ]),
  ).toEqual({ tap: ['left.hand', 'right.hand'], breath: ['nose'] }));

test('nothing, a lone place and what is no list', () => {
  expect(rowsOf(undefined)).toEqual([]);
  expect(rowsOf('nose')).toEqual([]);
  expect(rowsOf({ breath: 'nose', tap: 3, attend: [null] })).toEqual([{ sign: 'breath', at: 'nose' }]);
  expect(fieldOf([])).toBeNull();
});

test('another row takes a place of its own', () => {
  expect(freePlace([])).toBe('nose');
  expect(freePlace([{ sign: 'breath', at: 'nose' }])).toBe('forehead');
  expect(freePlace(places.map(([at]) => ({ sign: signs[0][0], at })))).toBe('nose');
});
