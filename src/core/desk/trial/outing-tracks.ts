import type { ModelFunction } from '../../model/plan/model-function';

/** Seconds and the value from −1 to 1 that a function has then. */
export type Points = [number, number][];

/**
 * What a function does in an outing, or nothing where it is left alone.
 * @param isOtherTrack it drives the other of two tracks, which turns against the first where the model turns
 */
export type Play = (modelFunction: ModelFunction, isOtherTrack: boolean) => Points | undefined;

/** A value that goes to and fro: `holds` seconds at each, `moves` seconds from one to the next. */
export function toAndFro(
  from: number,
  until: number,
  values: readonly number[],
  holds: number,
  moves: number,
): Points {
  const points: Points = [[0, 0]];
  let at = from;
  for (let n = 0; at < until; n += 1) {
    points.push([round(at), points.at(-1)![1]], [round(at + moves), values[n % values.length]!]);
    at += moves + holds;
  }
  points.push([round(until), points.at(-1)![1]], [round(until + 0.4), 0]);
  return points;
}

/** Up once, and down again. */
export const ramp = (from: number, to: number, seconds: number, value: number): Points => [
  [0, 0],
  [from, 0],
  [round(from + seconds), value],
  [to, value],
  [round(to + seconds), 0],
];

const round = (seconds: number): number => Math.round(seconds * 1000) / 1000;

/** Lights stay on; a horn is short; pumps run through the middle. */
export function others(seconds: number): (modelFunction: ModelFunction) => Points | undefined {
  return (modelFunction: ModelFunction) => {
    if (modelFunction.role === 'lights') return [[0, 1]];
    if (modelFunction.role === 'sound')
      return [
        [0, 0],
        [seconds * 0.3, 0],
        [seconds * 0.3 + 0.05, 1],
        [seconds * 0.3 + 1, 1],
        [seconds * 0.3 + 1.05, 0],
      ];
    if (modelFunction.role === 'pump') return ramp(seconds * 0.25, seconds * 0.75, 0.2, 1);
    return undefined;
  };
}

/** Seconds of a lap's straight, of braking for its bend, and of the bend. */
const lap = { straight: 2.7, brake: 0.8, bend: 1.2 };

/** Laps: a straight at full throttle, brakes, a bend with little, and again; bends to the left and the right. */
export function lapsOf(role: 'steer' | 'drive', until: number): Points {
  const points: Points = [[0, 0]];
  const hold = (from: number, to: number, value: number) =>
    points.push([round(from + 0.1), value], [round(to), value]);
  const { straight, brake, bend } = lap;
  for (let at = 3, n = 0; at < until; at += straight + brake + bend, n += 1) {
    const [brakes, turns, ends] = [at + straight, at + straight + brake, at + straight + brake + bend];
    if (role === 'drive') {
      hold(at, brakes, 1);
      hold(brakes, turns, -0.5);
      hold(turns, ends, 0.35);
    } else {
      hold(at, turns, 0);
      hold(turns, ends, n % 2 === 0 ? 0.7 : -0.7);
    }
  }
  const end = points.at(-1)![0];
  return [...points, [round(end + 0.2), 0]];
}
