import { area, curveMonotoneX, line } from 'd3-shape';
import { ripple, type ScoreEvent } from './events';

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

const lift = 6;

/** The breath over the water: it lifts with the in-breath and falls with the out-breath. */
export function breathLine(
  frame: TideFrame,
  points: number[][],
  events: readonly ScoreEvent[],
  fromMs: number,
  toMs: number,
): string {
  const path = line<number[]>(
    (p) => x(frame, p[0]!),
    (p) => y(frame, heightAt(points, Math.min(p[0]!, toMs))) - 3 - lift * p[1]!,
  ).curve(curveMonotoneX);
  return path(ripple(events, fromMs, toMs)) ?? '';
}

/** A low arch over the water between two moments. */
export function arch(frame: TideFrame, points: number[][], fromMs: number, toMs: number): string {
  const [from, to] = [x(frame, fromMs), x(frame, toMs)];
  const foot = (ms: number) => Math.max(16, y(frame, heightAt(points, ms)) - 6);
  const top = Math.max(4, Math.min(foot(fromMs), foot(toMs)) - 22);
  return `M${from} ${foot(fromMs)}Q${(from + to) / 2} ${top} ${to} ${foot(toMs)}`;
}

/** Small discs over the water at some moments, and their halves on one side; all of them are two paths. */
export function discs(
  frame: TideFrame,
  points: number[][],
  moments: readonly number[],
  side: 'right' | 'left',
): { half: string; ring: string } {
  const r = 4.2;
  const sweep = side === 'right' ? 1 : 0;
  let [half, ring] = ['', ''];
  for (const ms of moments) {
    const [cx, cy] = [x(frame, ms), Math.max(5, y(frame, heightAt(points, ms)) - 12)];
    half += `M${cx} ${cy - r}A${r} ${r} 0 0 ${sweep} ${cx} ${cy + r}Z`;
    ring += `M${cx - r} ${cy}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
  }
  return { half, ring };
}

// Lying still is 1 MET; more than 4 is not asked for in these classes (Compendium of Physical Activities 2011, from memory).
const restMets = 1;
const workMets = 4;
const mostShade = 0.5;

export interface Shade {
  /** Where it begins, as a share of the whole. */
  at: number;
  opacity: number;
}

/** How dark the water is: darker where more is asked for, in a few steps, each with an edge of its own. */
export function shades(effort: readonly number[][], totalMs: number): Shade[] {
  const stops: Shade[] = [];
  for (const [ms, mets] of effort as [number, number][]) {
    const share = Math.min(1, Math.max(0, (mets - restMets) / (workMets - restMets)));
    const opacity = (Math.round(share * 4) / 4) * mostShade;
    const last = stops.at(-1);
    if (last?.opacity === opacity) continue;
    if (last) stops.push({ at: ms / totalMs, opacity: last.opacity });
    stops.push({ at: ms / totalMs, opacity });
  }
  return stops;
}
