import { regulatorName } from '../survey/regulator-choices';
import type { Fitted } from '../survey/build-index';
import { terminalsOf } from '../kinds';
import type { Controller } from '../network/devices/controller';
import type { Motor } from '../network/devices/motor';
import type { Regulator } from '../network/devices/regulator';
import type { Estimates } from '../circuit/estimates';
import type { HeatNode } from './watch/heat';

/** Kelvin that a part at its label amps settles above still air, the seconds that takes, and what it stands. */
const usual = {
  controller: { rise: 55, seconds: 60, limit: 100 },
  motor: { rise: 50, seconds: 240, limit: 100 },
  regulator: { rise: 60, seconds: 40, limit: 105 },
};

/** Share of a controller's losses that switching adds to its ohms: rule of thumb. */
const switchingShare = 0.5;

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

/** A motor as a thing that warms. */
export function motorHeat(device: Motor, { fitting, part }: Fitted<'motor'>, estimates: Estimates): HeatNode {
  const { motorOhms } = device.values;
  const workAmps = part.fullLoadAmps?.value ?? (part.stallAmps?.value ?? 20) * 0.3;
  return {
    id: fitting.id,
    name: fitting.name,
    watts: (x) => motorOhms * device.amps(x) ** 2,
    kelvinPerWatt: resistance(estimates, fitting, usual.motor.rise / (motorOhms * workAmps ** 2)),
    seconds: usual.motor.seconds,
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
): number =>
  estimates.take(`${id}.cooling`, `how well the ${name} is cooled`, undefined, {
    value: kelvinPerWatt,
    least: 0.6,
    most: 1.6,
    note: 'from its label amps in still air, rule of thumb; one measured temperature corrects it',
  });
