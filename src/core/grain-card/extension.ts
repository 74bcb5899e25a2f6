import { LEAST_CORNERS } from './figures';

type Point = readonly [x: number, y: number];

const turn = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

function half(points: readonly Point[]): Point[] {
  const hull: Point[] = [];
  for (const point of points) {
    while (hull.length > 1 && turn(hull.at(-2)!, hull.at(-1)!, point) <= 0) hull.pop();
    hull.push(point);
  }
  return hull.slice(0, -1);
}

/** The convex hull (Andrew 1979). */
function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort(([ax, ay], [bx, by]) => ax - bx || ay - by);
  return sorted.length < LEAST_CORNERS ? sorted : [...half(sorted), ...half([...sorted].reverse())];
}

/** The greatest extension of a body, pixels: from the middle of one pixel to that of another, and half of each. */
export function greatestExtension(points: readonly Point[]): number {
  const hull = hullOf(points);
  let most = 0;
  for (let i = 0; i < hull.length; i += 1) {
    for (let k = i + 1; k < hull.length; k += 1) {
      const [[ax, ay], [bx, by]] = [hull[i]!, hull[k]!];
      most = Math.max(most, Math.hypot(ax - bx, ay - by));
    }
  }
  return most + 1;
}
