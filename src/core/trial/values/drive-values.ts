import type { Fitted } from '../../build/build-index';
import type { DriveValues } from '../../network/devices/drive';
import type { Estimates } from '../estimates';
import type { RoadLoad } from './vehicle-values';

/** What a drive is, without the nodes it stands between and without its throttle. */
export type DriveFigures = Omit<DriveValues, 'id' | 'from' | 'to' | 'duty'>;

/** A load that its one known point fixes: amps at full throttle on a nominal pack. */
export interface PointLoad {
  /** Part of its torque that rises with the square of its speed, 0 to 1: all of it for a screw. */
  squarePart: number;
  /** By how much a screw sheds load as its hull gathers way, 0 to 1; 0 to take it with the hull under way. */
  slipShare: number;
}

/** A screw on an outing: held still it takes a third more torque than with its hull along; rule of thumb. */
export const screwLoad: PointLoad = { squarePart: 1, slipShare: 0.3 };

/** Ohms of a controller's switches: rule of thumb. */
const controllerOhms = 0.004;

/** Seconds in which the working torque brings a screw to its working speed. */
const spinUpSeconds = 0.12;

/** Torque and speed at which a motor turns its usual load at full throttle. */
interface WorkingPoint {
  volts: number;
  amps: number;
}

/**
 * A motor with its controller and its load; `undefined` where its sheet states neither speed nor amps.
 * @param volts nominal, of the pack that feeds it
 * @param leadOhms of the leads between controller and motor, there and back
 * @param loadOf what it turns, by its speed per volt
 */
export function driveFigures(
  motor: Fitted<'motor'>,
  controller: Fitted<'controller'>,
  volts: number,
  leadOhms: number,
  loadOf: (kv: number) => PointLoad | RoadLoad,
  estimates: Estimates,
): DriveFigures | undefined {
  const { fitting, part } = motor;
  const of = `of the ${fitting.name}`;
  if (!part.fullLoadAmps && !part.stallAmps) return undefined;
  const amps = estimates.take(`${fitting.id}.fullLoadAmps`, `amps at full load ${of}`, part.fullLoadAmps, {
    value: (part.stallAmps?.value ?? 0) * 0.3,
    least: 0.7,
    most: 1.4,
    note: 'three tenths of stall, rule of thumb',
  });
  const kv = estimates.take(`${fitting.id}.kv`, `speed per volt ${of}`, part.kv, {
    value: 1000,
    least: 0.4,
    most: 2.5,
    note: 'its sheet states none',
  });
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
  const load = loadOf(kv);
  const isRoad = 'inertia' in load;
  const work = isRoad
    ? load
    : throughPoint(load, { volts, amps }, kv, motorOhms + controllerOhms + leadOhms, noLoadAmps);
  return {
    kv,
    motorOhms: motorOhms + leadOhms,
    escOhms: controllerOhms,
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
    quiescentAmps: controller.part.quiescentAmps?.value ?? 0.05,
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
