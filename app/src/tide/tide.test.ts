import { expect, test } from 'vitest';
import { evenly, heightAt, surface, water, x, y } from './tide';

const frame = { width: 600, height: 100, top: 0, totalMs: 60_000 };

test('time runs across and height up', () => {
  expect(x(frame, 30_000)).toBe(300);
  expect(y(frame, 0)).toBe(100);
  expect(y(frame, 800)).toBe(0);
  expect(y(frame, 400)).toBe(50);
});

test('a height between two points lies between theirs', () => {
  const points = [
    [0, 100],
    [10_000, 300],
    [10_000, 500],
    [20_000, 500],
  ];
  expect(heightAt(points, 0)).toBe(100);
  expect(heightAt(points, 5_000)).toBe(200);
  expect(heightAt(points, 15_000)).toBe(500);
  expect(heightAt(points, 99_000)).toBe(100);
  expect(heightAt([], 5)).toBe(0);
});

test('the shelf spreads its heights over the class', () => {
  expect(evenly([1, 2, 3], 10)).toEqual([
    [0, 1],
    [5, 2],
    [10, 3],
  ]);
});

test('an empty class draws nothing and breaks nothing', () => {
  expect(surface(frame, [])).toBe('');
  expect(water(frame, [])).toBe('');
  expect(x({ ...frame, totalMs: 0 }, 5)).toBe(0);
});
