import { loadsAtRest } from '../../reading/circuit/build-elements';
import { Estimates } from '../../model/kinds/estimates';
import { isAfloat } from '../../reading/motion/vehicle-values';
import { motorFigures } from '../../model/kinds/motor/motor-values';
import type { PointLoad } from '../../model/kinds/site';
import type { MotorSpec } from '../../model/kinds/motor/motor';
import type { Build } from '../../model/plan/build';
import { remembered } from '../../base/remembered';

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
export const fullThrottle = (
  part: MotorSpec,
  volts: number,
  turns: 'screw' | 'plain',
): AtFullThrottle | undefined => stated[turns](part, volts);

/** The same, with what is usual for the size of a motor whose sheet states no amps: what is not known costs no less. */
export const likelyFullThrottle = (part: MotorSpec, volts: number, turns: 'screw' | 'plain'): number =>
  likely[turns](part, volts)?.amps ?? 0;

const solved = (turns: 'screw' | 'plain', presumes: boolean) =>
  remembered((part: MotorSpec, volts: number) => solve(part, volts, loadsAtRest[turns], presumes));
const stated = { screw: solved('screw', false), plain: solved('plain', false) };
const likely = { screw: solved('screw', true), plain: solved('plain', true) };

/** What the motors of a model turn at rest. */
export const turnsAtRest = (build: Build): 'screw' | 'plain' => (isAfloat(build) ? 'screw' : 'plain');

function solve(
  part: MotorSpec,
  volts: number,
  load: PointLoad,
  presumes: boolean,
): AtFullThrottle | undefined {
  const fitting = { id: part.id, name: part.name, part: part.id };
  const figures = motorFigures(
    { kind: 'motor', fitting, part },
    volts,
    () => load,
    new Estimates(),
    presumes,
  );
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
