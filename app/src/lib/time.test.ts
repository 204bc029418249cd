import { describe, expect, test } from 'vitest';
import { sentence } from './api/client';
import { clock, day, moment } from './time';

describe('the clock', () => {
  test.each([
    [0, '0:00'],
    [499, '0:00'],
    [500, '0:01'],
    [9_000, '0:09'],
    [59_499, '0:59'],
    [59_600, '1:00'],
    [61_000, '1:01'],
    [3_599_700, '60:00'],
    [-75_000, '1:15'],
  ])('shows %i ms as %s', (ms, shown) => expect(clock(ms)).toBe(shown));

  test('never shows sixty seconds', () => {
    for (let ms = 0; ms < 400_000; ms += 137) expect(clock(ms)).toMatch(/^\d+:[0-5]\d$/);
  });

  test('tells days and moments in words of the reader', () => {
    expect(day('2026-03-04T12:00:00Z')).toMatch(/4/);
    expect(moment('2026-03-04T12:00:00Z')).toMatch(/2026|26/);
  });
});

describe('what went wrong', () => {
  test.each([
    [
      { title: 'The class cannot be read.', detail: 'minutes is missing' },
      'The class cannot be read. minutes is missing',
    ],
    [{ title: 'There is no such class.' }, 'There is no such class.'],
    [{ title: 'Empty.', detail: '' }, 'Empty.'],
  ])('is told as the server says it: %o', (problem, said) => expect(sentence(problem)).toBe(said));

  test.each([undefined, null, 'x', 7, {}, new TypeError('fetch failed')])(
    'is an absent server for %o',
    (problem) => expect(sentence(problem)).toMatch(/cannot be reached/),
  );
});
