import { area, curveMonotoneX, line } from 'd3-shape';

/** A scale from milliseconds and heights to the picture. */
export interface TideFrame {
  width: number;
  height: number;
  top: number;
  totalMs: number;
}

// Standing upright reaches 0.73 of a stature; a little room above it. In thousandths.
const highest = 800;

export const x = (frame: TideFrame, ms: number) =>
  frame.totalMs > 0 ? (ms / frame.totalMs) * frame.width : 0;

export const y = (frame: TideFrame, height: number) =>
  frame.top + (1 - Math.min(1, height / highest)) * (frame.height - frame.top);

export function surface(frame: TideFrame, points: number[][]): string {
  const path = line<number[]>(
    (p) => x(frame, p[0]!),
    (p) => y(frame, p[1]!),
  ).curve(curveMonotoneX);
  return path(points) ?? '';
}

export function water(frame: TideFrame, points: number[][]): string {
  const path = area<number[]>(
    (p) => x(frame, p[0]!),
    frame.height,
    (p) => y(frame, p[1]!),
  ).curve(curveMonotoneX);
  return path(points) ?? '';
}

/** Even heights, as the shelf stores them, as points in time. */
export function evenly(heights: number[], totalMs: number): number[][] {
  return heights.map((h, i) => [(i / Math.max(1, heights.length - 1)) * totalMs, h]);
}

/** The height at a time, between the points of the line. */
export function heightAt(points: number[][], ms: number): number {
  const next = points.findIndex((p) => p[0]! >= ms);
  if (next <= 0) return points[Math.max(0, next)]?.[1] ?? 0;
  const [a, b] = [points[next - 1]!, points[next]!];
  return b[0] === a[0] ? b[1]! : a[1]! + ((b[1]! - a[1]!) * (ms - a[0]!)) / (b[0]! - a[0]!);
}
