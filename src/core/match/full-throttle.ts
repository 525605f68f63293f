import { Estimates } from '../circuit/estimates';
import { motorFigures } from '../circuit/values/drive-values';
import type { PointLoad } from '../circuit/site';
import type { MotorSpec } from '../parts/motor';

/** A motor at full throttle on some volts, at rest in the water or on its stand with its usual load. */
interface AtFullThrottle {
  amps: number;
  /** Given at its shaft. */
  watts: number;
}

/**
 * Amps and watts of a motor at full throttle: where Kt·(I − I0) meets the load that its sheet's amps fix, by bisection.
 * @param volts at its controller
 * @returns nothing where its sheet states no amps
 */
export function fullThrottle(part: MotorSpec, volts: number, load: PointLoad): AtFullThrottle | undefined {
  let row = known.get(part);
  if (!row) known.set(part, (row = new Map()));
  const key = volts + 1000 * load.squarePart;
  if (!row.has(key)) row.set(key, solved(part, volts, load));
  return row.get(key);
}

/** What is known of a motor by volts and load: a search asks for it again and again. */
const known = new WeakMap<MotorSpec, Map<number, AtFullThrottle | undefined>>();

function solved(part: MotorSpec, volts: number, load: PointLoad): AtFullThrottle | undefined {
  const fitting = { id: part.id, name: part.name, part: part.id };
  const figures = motorFigures({ kind: 'motor', fitting, part }, volts, () => load, new Estimates());
  if (!figures) return undefined;
  const { kv, motorOhms, noLoadAmps, loadConst, loadSquare } = figures;
  const kt = 60 / (2 * Math.PI * kv);
  const ampsAt = (speed: number) => (volts - kt * speed) / motorOhms;
  const surplus = (speed: number) => kt * (ampsAt(speed) - noLoadAmps) - loadConst - loadSquare * speed ** 2;
  let [low, high] = [0, volts / kt];
  for (let n = 0; n < 60; n += 1) {
    const middle = (low + high) / 2;
    if (surplus(middle) > 0) low = middle;
    else high = middle;
  }
  const amps = Math.max(ampsAt(low), 0);
  return { amps, watts: Math.max(amps - noLoadAmps, 0) * kt * low };
}
