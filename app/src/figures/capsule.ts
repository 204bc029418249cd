import type { Capsule } from '../lib/api/client';

const r1 = (n: number) => Math.round(n * 10) / 10;

/** The outline of a tapered limb with round ends: two arcs and the lines that touch both circles. */
export function capsulePath(c: Capsule): string {
  const [dx, dy] = [c.x2 - c.x1, c.y2 - c.y1];
  const length = Math.hypot(dx, dy);
  if (length <= Math.abs(c.r1 - c.r2)) {
    const [x, y, r] = c.r1 >= c.r2 ? [c.x1, c.y1, c.r1] : [c.x2, c.y2, c.r2];
    return `M${x - r} ${y}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`;
  }
  const along = Math.atan2(dy, dx);
  const spread = Math.acos((c.r1 - c.r2) / length);
  const at = (x: number, y: number, r: number, angle: number) =>
    `${r1(x + r * Math.cos(angle))} ${r1(y + r * Math.sin(angle))}`;
  const wide = spread > Math.PI / 2 ? 1 : 0;
  return (
    `M${at(c.x1, c.y1, c.r1, along + spread)}A${c.r1} ${c.r1} 0 ${1 - wide} 1 ${at(c.x1, c.y1, c.r1, along - spread)}` +
    `L${at(c.x2, c.y2, c.r2, along - spread)}A${c.r2} ${c.r2} 0 ${wide} 1 ${at(c.x2, c.y2, c.r2, along + spread)}Z`
  );
}

/** A closed polygon from x and y in turn. */
export function polygonPath(points: number[]): string {
  let path = 'M';
  for (let i = 0; i < points.length; i += 2) path += `${i ? 'L' : ''}${points[i]} ${points[i + 1]}`;
  return path + 'Z';
}
