import type { Fitted } from '../../build/build-index';
import type { DriveValues } from '../../network/devices/drive';
import type { Estimates } from '../estimates';

/** What a drive is, without the nodes it stands between and without its throttle. */
export type DriveFigures = Omit<DriveValues, 'id' | 'from' | 'to' | 'duty'>;

/** Ohms of a controller's switches: rule of thumb. */
const controllerOhms = 0.004;

/** Torque and speed at which a motor turns its usual load at full throttle. */
interface WorkingPoint {
  volts: number;
  amps: number;
}

/**
 * A motor with its controller and its load; `undefined` where its sheet states neither speed nor amps. The one
 * point that is known of the load, amps at full throttle, fixes it: a screw's torque rises with the square of
 * its speed, wheels have most of theirs from the first turn on.
 * @param volts nominal, of the pack that feeds it
 * @param leadOhms of the leads between controller and motor, there and back
 * @param isScrew whether it turns a screw in water; otherwise wheels or tracks
 */
export function driveFigures(
  motor: Fitted<'motor'>,
  controller: Fitted<'controller'>,
  volts: number,
  leadOhms: number,
  isScrew: boolean,
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
  const load = loadOf({ volts, amps }, kv, motorOhms + controllerOhms + leadOhms, noLoadAmps, isScrew);
  return {
    kv,
    motorOhms: motorOhms + leadOhms,
    escOhms: controllerOhms,
    noLoadAmps,
    loadConst: load.constant,
    loadLinear: 0,
    loadSquare: load.square,
    inertia: estimates.take(`${fitting.id}.inertia`, `inertia on the shaft ${of}`, undefined, {
      value: isScrew
        ? inertiaFor(load.workTorque, load.workSpeed, 0.12)
        : inertiaFor(load.workTorque, load.workSpeed, 0.9),
      least: 0.5,
      most: 2,
      note: isScrew
        ? 'up to speed in an eighth of a second, rule of thumb'
        : 'the model up to speed in a second, rule of thumb',
    }),
    omegaEps: 1,
    quiescentAmps: controller.part.quiescentAmps?.value ?? 0.05,
  };
}

function loadOf(
  { volts, amps }: WorkingPoint,
  kv: number,
  ohms: number,
  noLoadAmps: number,
  isScrew: boolean,
) {
  const kt = 60 / (2 * Math.PI * kv);
  const workSpeed = Math.max((volts - amps * ohms) / kt, 1);
  const workTorque = Math.max(kt * (amps - noLoadAmps), 0);
  const square = isScrew ? 1 : 0.4;
  return {
    constant: (1 - square) * workTorque,
    square: (square * workTorque) / workSpeed ** 2,
    workTorque,
    workSpeed,
  };
}

/** Inertia that the working torque brings to the working speed in about so many seconds. */
const inertiaFor = (torque: number, speed: number, seconds: number): number =>
  Math.max((torque * seconds) / speed, 1e-7);
