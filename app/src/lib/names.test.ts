import { describe, expect, test } from 'vitest';
import { copyName, nextName, withSuffix } from './names';

const long = 'x'.repeat(200);

describe('names', () => {
  test.each([
    ['Close', 'Close 2'],
    ['Close 2', 'Close 3'],
    ['Close 9', 'Close 10'],
    ['', ' 2'],
    ['Warm\nslowly', 'Warm\nslowly 2'],
  ])('after “%s” comes “%s”', (name, next) => expect(nextName(name)).toBe(next));

  test.each([
    ['Quay', 'Quay, once more'],
    ['Quay, once more', 'Quay, once more 2'],
    ['Quay, once more 2', 'Quay, once more 3'],
  ])('a copy of “%s” is “%s”', (name, copy) => expect(copyName(name)).toBe(copy));

  test('none gets longer than a class file takes', () => {
    for (const name of [nextName(long), copyName(long), withSuffix(long, ' (kept)')])
      expect(name).toHaveLength(200);
    let name = long;
    for (let i = 0; i < 12; i++) name = nextName(name);
    expect(name).toMatch(/^x{197} 13$/);
  });
});
