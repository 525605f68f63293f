import { regulatorName } from '../survey/regulator-choices';
import type { Fitted } from '../survey/build-index';
import { terminalsOf } from '../kinds';
import type { Controller } from '../network/devices/controller';
import type { Motor } from '../network/devices/motor';
import type { Regulator } from '../network/devices/regulator';
import type { Estimates } from '../circuit/estimates';
import { canOf } from './motor-cans';
import type { HeatNode } from './watch/heat';

/** Kelvin that a part at its label amps settles above still air, the seconds that takes, and what it stands. */
const usual = {
  controller: { rise: 55, seconds: 60, limit: 100 },
  motor: { limit: 100 },
  regulator: { rise: 60, seconds: 40, limit: 105 },
};

/** Share of a controller's losses that switching adds to its ohms: rule of thumb. */
const switchingShare = 0.5;

/** What takes a motor's heat away. */
export interface MotorCooling {
  /** How much better the air cools it for each m/s; 0 in a closed hull. */
  windBy: number;
  /** Brushless motors stand in a water jacket. */
  hasJacket: boolean;
}

/** Kelvin above the water for each watt, with a jacket: rule of thumb. */
const jacketKelvinPerWatt = 1.2;

/** Rise of copper's resistance for each kelvin, and how much better a motor is cooled that is bolted to metal. */
const copperPerKelvin = 0.0039;
const boltedShare = 0.75;

/** A controller as a thing that warms. */
export function controllerHeat(
  device: Controller,
  { fitting, part }: Fitted<'controller'>,
  estimates: Estimates,
): HeatNode {
  const { escOhms } = device.values;
  const labelAmps = part.continuousAmps?.value ?? 20;
  const watts = (amps: number) => (1 + switchingShare) * escOhms * amps ** 2;
  return {
    id: fitting.id,
    name: fitting.name,
    watts: (x) => watts(device.outAmps(x)),
    kelvinPerWatt: resistance(estimates, fitting, usual.controller.rise / watts(labelAmps)),
    seconds: usual.controller.seconds,
    limit: usual.controller.limit,
  };
}

/**
 * A motor as a thing that warms: Im²·R·(1 + 0.0039·(T − 25)) and the work of its own friction and iron, Kt·I0·|ω|.
 * @param paceIndex of the body's speed among the unknowns, where it has one
 */
export function motorHeat(
  device: Motor,
  { fitting, part }: Fitted<'motor'>,
  estimates: Estimates,
  { windBy, hasJacket }: MotorCooling,
  paceIndex: number | undefined,
): HeatNode {
  const { motorOhms, noLoadAmps } = device.values;
  const { kt, speedIndex } = device.shaft;
  const can = canOf(part.motorKind, kt / Math.sqrt(motorOhms));
  const isWet = hasJacket && part.motorKind === 'brushless';
  const kelvinPerWatt = resistance(
    estimates,
    fitting,
    isWet ? jacketKelvinPerWatt : can.kelvinPerWatt * boltedShare,
    isWet
      ? 'a water jacket, as is usual for a brushless motor in a hull, rule of thumb; without one it gets far hotter'
      : 'from its size, bolted to metal, in still air, rule of thumb; one measured temperature corrects it',
  );
  return {
    id: fitting.id,
    name: fitting.name,
    watts: (x, _, celsius) =>
      motorOhms * (1 + copperPerKelvin * (celsius - 25)) * device.amps(x) ** 2 +
      kt * noLoadAmps * Math.abs(x[speedIndex]!),
    kelvinPerWatt,
    ...(paceIndex !== undefined && windBy > 0 && { wind: (x) => 1 + windBy * Math.abs(x[paceIndex]!) }),
    seconds: can.joulesPerKelvin * kelvinPerWatt,
    limit: usual.motor.limit,
  };
}

/** A regulator as a thing that warms: a linear one sheds what its sheet says, a switching one its losses. */
export function regulatorHeat(device: Regulator, fitted: Fitted, estimates: Estimates): HeatNode {
  const { fitting, part } = fitted;
  const regulator = terminalsOf(part).gives?.regulator;
  const { rise, seconds, limit } = usual.regulator;
  const most = device.values.maxAmps * device.values.setVolts;
  const fullWatts = regulator?.maxWatts?.value ?? 0.14 * most;
  const becId = `${fitting.id}.bec`;
  const name = regulatorName(fitted);
  return {
    id: becId,
    name,
    watts: (x) => device.lossWatts(x),
    kelvinPerWatt: resistance(
      estimates,
      { id: becId, name },
      (regulator?.maxWatts ? limit - 25 : rise) / fullWatts,
    ),
    seconds,
    limit,
  };
}

const resistance = (
  estimates: Estimates,
  { id, name }: { id: string; name: string },
  kelvinPerWatt: number,
  note = 'from its label amps in still air, rule of thumb; one measured temperature corrects it',
): number =>
  estimates.take(`${id}.cooling`, `how well the ${name} is cooled`, undefined, {
    value: kelvinPerWatt,
    least: 0.6,
    most: 1.6,
    note,
  });
