import type { Outing } from '../../model/plan/outing';

type Point = [seconds: number, position: number];

/** Least seconds between two points of a track. */
const apart = 0.02;

const rounded = (value: number): number => Math.round(value * 1000) / 1000;
const within = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most);

/** An outing with another course for one function. */
function withPoints(outing: Outing, functionId: string, points: Point[]): Outing {
  const others = outing.tracks.filter((track) => track.function !== functionId);
  return points.length === 0
    ? { ...outing, tracks: others }
    : { ...outing, tracks: [...others, { function: functionId, points }] };
}

export const pointsOf = (outing: Outing, functionId: string): Point[] =>
  outing.tracks.find((track) => track.function === functionId)?.points ?? [];

/** Adds a point to a function's track; one that is nearly there moves instead. */
export function addPoint(outing: Outing, functionId: string, seconds: number, position: number): Outing {
  const at = rounded(within(seconds, 0, outing.seconds));
  const points = pointsOf(outing, functionId).filter(([time]) => Math.abs(time - at) >= apart);
  const all: Point[] = [...points, [at, rounded(within(position, -1, 1))]];
  return withPoints(
    outing,
    functionId,
    all.sort(([a], [b]) => a - b),
  );
}

/** Moves a point, between its neighbours. */
export function movePoint(
  outing: Outing,
  functionId: string,
  n: number,
  seconds: number,
  position: number,
): Outing {
  const points = pointsOf(outing, functionId);
  const least = n > 0 ? points[n - 1]![0] + apart : 0;
  const most = n < points.length - 1 ? points[n + 1]![0] - apart : outing.seconds;
  const moved: Point = [
    rounded(within(seconds, least, Math.max(least, most))),
    rounded(within(position, -1, 1)),
  ];
  return withPoints(
    outing,
    functionId,
    points.map((point, k) => (k === n ? moved : point)),
  );
}

export const removePoint = (outing: Outing, functionId: string, n: number): Outing =>
  withPoints(
    outing,
    functionId,
    pointsOf(outing, functionId).filter((_, k) => k !== n),
  );

/** Positions nearer than this to the straight line through their neighbours tell nothing. */
const straight = 0.02;

/**
 * An outing from positions that were read off a transmitter again and again: points that lie on the straight
 * line between their neighbours are left out.
 * @param readings seconds, and the position of each function by its id
 */
export function recordedOuting(
  id: string,
  name: string,
  readings: readonly { seconds: number; positions: Readonly<Record<string, number>> }[],
): Outing {
  const seconds = Math.max(0.5, rounded(readings.at(-1)?.seconds ?? 0.5));
  const functions = Object.keys(readings[0]?.positions ?? {});
  const tracks = functions.map((text) => ({
    function: text,
    points: thinned(
      readings.map(({ seconds: at, positions }): Point => [
        rounded(at),
        rounded(within(positions[text] ?? 0, -1, 1)),
      ]),
    ),
  }));
  const moved = tracks.filter(({ points }) => points.some(([, position]) => position !== 0));
  return { id, name, seconds, effort: 1, tracks: moved };
}

function thinned(points: readonly Point[]): Point[] {
  const kept: Point[] = [];
  for (const [n, point] of points.entries()) {
    const [before, next] = [kept.at(-1), points[n + 1]];
    if (!before || !next) {
      if (!before || point[0] > before[0]) kept.push(point);
      continue;
    }
    const share = (point[0] - before[0]) / (next[0] - before[0]);
    const line = before[1] + share * (next[1] - before[1]);
    if (Math.abs(point[1] - line) > straight && point[0] > before[0]) kept.push(point);
  }
  return kept;
}
