import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import type { Fitted } from '../../model/kinds/fitted';
import { terminalsOf } from '../../model/kinds';
import type { Controller } from '../../physics/network/devices/controller';
import type { Motor } from '../../physics/network/devices/motor';
import type { Regulator } from '../../physics/network/devices/regulator';
import { defaults } from '../../model/kinds/defaults';
import type { Estimates } from '../../model/kinds/estimates';
import { canOf } from '../../model/kinds/motor/motor-cans';
import type { HeatNode } from './watch/heat';

/** Kelvin that a part at its label amps settles above still air, the seconds that takes, and what it stands. */
const usual = {
  controller: { limit: 100 },
  motor: { limit: 100 },
  regulator: { rise: 60, seconds: 40, limit: 105 },
};

/** Volts that its diodes drop while the motor coasts between two strokes, where it does not switch them on. */
const diodeVolts = 0.7;
/** K/W and J/K of a controller by its label amps, in the air that it was made for; K/W in a closed hull against that. */
const controllerKelvinAmps = 600;
const controllerJoules = 0.5;
const closedHull = 2.8;

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

/** A controller as a thing that warms: Im²·R, and 0.7 V·Im·(1 − duty) where it does not switch synchronously. */
export function controllerHeat(
  device: Controller,
  { fitting, part }: Fitted<'controller'>,
  estimates: Estimates,
  isInHull: boolean,
): HeatNode {
  const { escOhms, synchronous } = device.values;
  const labelAmps = part.continuousAmps?.value ?? 20;
  const kelvinPerWatt = resistance(
    estimates,
    fitting,
    ((isInHull ? closedHull : 1) * controllerKelvinAmps) / labelAmps,
    isInHull
      ? 'by its label amps, in a closed hull without air or water, rule of thumb; one measured temperature corrects it'
      : 'by its label amps, in the air it was made for, rule of thumb; one measured temperature corrects it',
  );
  return {
    id: fitting.id,
    name: fitting.name,
    watts: (x, time) => {
      const amps = Math.abs(device.outAmps(x));
      const coasting = synchronous ? 0 : diodeVolts * (1 - Math.abs(device.dutyAt(time)));
      return escOhms * amps ** 2 + coasting * amps;
    },
    kelvinPerWatt,
    seconds: controllerJoules * labelAmps * kelvinPerWatt,
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
  const isLinear = regulator?.type === 'linear';
  const fullWatts = isLinear ? (regulator.maxWatts ?? defaults.linearWatts).value : 0.14 * most;
  const becId = `${fitting.id}.bec`;
  const name = regulatorName(fitted);
  return {
    id: becId,
    name,
    watts: (x) => device.lossWatts(x),
    kelvinPerWatt: resistance(
      estimates,
      { id: becId, name },
      (isLinear ? limit - 25 : rise) / fullWatts,
      isLinear
        ? 'from the watts it sheds in air of 25 °C until it shuts down; one measured temperature corrects it'
        : undefined,
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
