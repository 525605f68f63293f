import type { Point } from './elk-graph';

/** Length over which the wires of a lead spread from the bundle to their contacts, in pixels. */
const fanLength = 13;
const cornerRadius = 7;

interface Wire {
  /** Rank in the bundle, from the left of travel; the bundle is centred on its route. */
  offset: number;
  /** The contact it starts from and the one it ends at. */
  start: Point;
  end: Point;
}

/**
 * The path of one conductor along the route of its lead, as SVG path data: from its contact into the bundle,
 * in parallel with its neighbours round rounded corners, and out to its contact.
 * @param route at least two points, with horizontal first and last segments and right angles between
 */
export function wirePath(route: readonly Point[], { offset, start, end }: Wire): string {
  const line = parallel(route, offset);
  const first = line[0]!;
  const last = line.at(-1)!;
  const out = Math.sign((line[1]?.x ?? first.x + 1) - first.x) || 1;
  const back = Math.sign(last.x - (line.at(-2)?.x ?? last.x - 1)) || 1;
  const spread = { x: first.x + out * fanLength, y: first.y };
  const gather = { x: last.x - back * fanLength, y: last.y };
  const middle = [spread, ...line.slice(1, -1), gather];
  return `M${at(start)}${fan(start, spread)}${rounded(middle)}${fan(gather, end)}`;
}

/** The route shifted to the right of travel by `offset` pixels. */
function parallel(route: readonly Point[], offset: number): Point[] {
  return route.map((point, n) => {
    const before = n > 0 ? normal(route[n - 1]!, point) : undefined;
    const after = n < route.length - 1 ? normal(point, route[n + 1]!) : undefined;
    const a = before ?? after ?? { x: 0, y: 1 };
    const b = after ?? a;
    // At a right angle the two shifts add; along a straight run they are the same shift.
    const shift = a.x === b.x && a.y === b.y ? a : { x: a.x + b.x, y: a.y + b.y };
    return { x: point.x + shift.x * offset, y: point.y + shift.y * offset };
  });
}

/** Unit vector to the right of travel from one point to the next. */
function normal(from: Point, to: Point): Point {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return { x: -(to.y - from.y) / length + 0, y: (to.x - from.x) / length };
}

/** A smooth step from one height to another. */
function fan(from: Point, to: Point): string {
  const half = (from.x + to.x) / 2;
  return `C${at({ x: half, y: from.y })} ${at({ x: half, y: to.y })} ${at(to)}`;
}

/** Lines through the points with rounded corners; starts where the pen is, at the first point. */
function rounded(points: readonly Point[]): string {
  let path = '';
  for (let n = 1; n < points.length; n += 1) {
    const [before, corner, after] = [points[n - 1]!, points[n]!, points[n + 1]];
    if (!after) {
      path += `L${at(corner)}`;
      continue;
    }
    const radius = Math.min(cornerRadius, distance(before, corner) / 2, distance(corner, after) / 2);
    path += `L${at(towards(corner, before, radius))}Q${at(corner)} ${at(towards(corner, after, radius))}`;
  }
  return path;
}

const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);

function towards(from: Point, to: Point, by: number): Point {
  const length = distance(from, to) || 1;
  return { x: from.x + ((to.x - from.x) * by) / length, y: from.y + ((to.y - from.y) * by) / length };
}

const at = ({ x, y }: Point): string => `${Math.round(x * 10) / 10},${Math.round(y * 10) / 10}`;
