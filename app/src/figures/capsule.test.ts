import { describe, expect, test } from 'vitest';
import { capsulePath, polygonPath } from './capsule';

const numbers = (path: string) => path.match(/-?\d+(\.\d+)?/g)!.map(Number);

describe('the outline of a capsule', () => {
  test('touches both circles and closes', () => {
    const path = capsulePath({ x1: 0, y1: 0, r1: 20, x2: 100, y2: 0, r2: 10 });
    expect(path).toMatch(/^M.*A20 20 .*L.*A10 10 .*Z$/);
    const [x, y] = numbers(path);
    expect(Math.hypot(x!, y!)).toBeCloseTo(20, 0);
  });

  test('of two circles in each other is the larger one', () => {
    expect(capsulePath({ x1: 5, y1: 5, r1: 30, x2: 8, y2: 5, r2: 4 })).toContain('a30 30');
    expect(capsulePath({ x1: 5, y1: 5, r1: 4, x2: 8, y2: 5, r2: 30 })).toContain('a30 30');
  });

  test('of one point has no NaN', () => {
    expect(capsulePath({ x1: 1, y1: 1, r1: 6, x2: 1, y2: 1, r2: 6 })).not.toContain('NaN');
  });
});

test('a polygon is drawn through its points', () => {
  expect(polygonPath([0, 0, 10, 0, 10, 5])).toBe('M0 0L10 0L10 5Z');
});
