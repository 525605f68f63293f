import type { ControllerValues } from '../../network/devices/controller';
import type { MotorValues } from '../../network/devices/motor';
import type { Fitted } from '../../survey/build-index';
import { controllerOhms, defaults } from '../defaults';
import type { Estimates } from '../estimates';
import type { MotorLoad, PointLoad, RoadLoad } from '../site';

/** What a motor is, without the nodes it stands between. */
export type MotorFigures = Omit<MotorValues, 'id' | 'from' | 'to'>;

/** A screw on an outing: held still it takes a third more torque than with its hull along; rule of thumb. */
export const screwLoad: PointLoad = { squarePart: 1, slipShare: 0.3 };

/** Seconds in which the working torque brings a screw to its working speed. */
const spinUpSeconds = 0.12;

/** Volts and amps at which a motor turns its usual load at full throttle. */
interface WorkingPoint {
  volts: number;
  amps: number;
}

/** A controller's ohms, and what its own board draws. */
export function controllerFigures(
  { fitting, part }: Fitted<'controller'>,
  estimates: Estimates,
): Pick<ControllerValues, 'escOhms' | 'quiescentAmps'> {
  const of = `of the ${fitting.name}`;
  return {
    escOhms: estimates.take(
      `${fitting.id}.escOhms`,
      `ohms ${of}`,
      undefined,
      controllerOhms(part.continuousAmps?.value),
    ),
    quiescentAmps: estimates.take(
      `${fitting.id}.quiescentAmps`,
      `amps ${of} standing by`,
      part.quiescentAmps,
      defaults.controllerAmps,
    ),
  };
}

/**
 * A motor with its load; `undefined` where its sheet states no amps.
 * @param volts nominal, of the packs that feed it: those its full load was taken at
 * @param loadOf what it turns, by its speed per volt
 */
export function motorFigures(
  motor: Fitted<'motor'>,
  volts: number,
  loadOf: (kv: number, volts: number) => MotorLoad,
  estimates: Estimates,
): MotorFigures | undefined {
  const { fitting, part } = motor;
  const of = `of the ${fitting.name}`;
  if (!part.fullLoadAmps && !part.stallAmps) return undefined;
  const amps = estimates.take(`${fitting.id}.fullLoadAmps`, `amps at full load ${of}`, part.fullLoadAmps, {
    value: (part.stallAmps?.value ?? 0) * 0.3,
    least: 0.7,
    most: 1.4,
    note: 'three tenths of stall, rule of thumb',
  });
  const kv = estimates.take(`${fitting.id}.kv`, `speed per volt ${of}`, part.kv, defaults.kv);
  const motorOhms = estimates.take(
    `${fitting.id}.windingOhms`,
    `ohms of the windings ${of}`,
    part.windingOhms,
    {
      // Stalled, nothing but its windings holds the amps back.
      value: part.stallAmps ? volts / part.stallAmps.value : (0.18 * volts) / amps,
      least: 0.75,
      most: 1.35,
      note: part.stallAmps
        ? 'pack volts over stall amps'
        : 'a fifth lost in the windings at full load, rule of thumb',
    },
  );
  const noLoadAmps = estimates.take(`${fitting.id}.noLoadAmps`, `amps with no load ${of}`, part.noLoadAmps, {
    value: 0.07 * amps,
    least: 0.6,
    most: 1.8,
    note: 'a fifteenth of full load, rule of thumb',
  });
  const load = loadOf(kv, volts);
  const isRoad = 'inertia' in load;
  const work = isRoad ? load : throughPoint(load, { volts, amps }, kv, motorOhms, noLoadAmps);
  return {
    kv,
    motorOhms,
    noLoadAmps,
    loadConst: work.constant,
    loadLinear: 0,
    loadSquare: work.square,
    ...(!isRoad && load.slipShare > 0 && { slipShare: load.slipShare }),
    inertia: estimates.take(`${fitting.id}.inertia`, `inertia on the shaft ${of}`, undefined, {
      value: work.inertia,
      least: 0.5,
      most: 2,
      note: isRoad
        ? 'the mass of the model through its gears'
        : 'up to speed in an eighth of a second, rule of thumb',
    }),
    omegaEps: 1,
  };
}

/** The load that settles at a working point. */
function throughPoint(
  { squarePart }: PointLoad,
  { volts, amps }: WorkingPoint,
  kv: number,
  ohms: number,
  noLoadAmps: number,
): RoadLoad {
  const kt = 60 / (2 * Math.PI * kv);
  const workSpeed = Math.max((volts - amps * ohms) / kt, 1);
  const workTorque = Math.max(kt * (amps - noLoadAmps), 0);
  return {
    constant: (1 - squarePart) * workTorque,
    square: (squarePart * workTorque) / workSpeed ** 2,
    inertia: Math.max((workTorque * spinUpSeconds) / workSpeed, 1e-7),
  };
}
