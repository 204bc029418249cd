import { expect, test } from 'vitest';
import type { ScoreEvent } from './events';
import { breathLine, discs, evenly, heightAt, shades, surface, water, x, y } from './tide';

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

test('the water darkens in steps, with an edge where the effort changes', () => {
  const effort = [
    [0, 1],
    [60_000, 1.1],
    [120_000, 4],
    [180_000, 9],
  ];
  expect(shades(effort, 240_000)).toEqual([
    { at: 0, opacity: 0 },
    { at: 0.5, opacity: 0 },
    { at: 0.5, opacity: 0.5 },
  ]);
});

test('a disc for each moment, halved on its side', () => {
  const frame = { width: 100, height: 116, top: 12, totalMs: 1000 };
  const { half, ring } = discs(frame, [[0, 300]], [0, 500], 'right');
  expect(half.match(/M/g)).toHaveLength(2);
  expect(ring.match(/M/g)).toHaveLength(2);
  // From top to bottom clockwise is the right half.
  expect(half).toContain('0 0 1 50 ');
  expect(discs(frame, [[0, 300]], [500], 'left').half).toContain('0 0 0 50 ');
});

test('the breath lies over the water and lifts it with the in-breath', () => {
  const frame = { width: 100, height: 116, top: 12, totalMs: 1000 };
  const events = [
    { atMs: 0, ms: 500, kind: 'breath', phase: 'in' },
    { atMs: 500, ms: 500, kind: 'breath', phase: 'out' },
  ] as ScoreEvent[];
  const path = breathLine(
    frame,
    [
      [0, 0],
      [1000, 0],
    ],
    events,
    0,
    1000,
  );
  const heights = [...path.matchAll(/[\d.]+,([\d.]+)(?=[CL]|$)/g)].map((m) => Number(m[1]));
  expect(heights[1]).toBeLessThan(heights[0]!);
  expect(heights.at(-1)).toBe(heights[0]);
});
