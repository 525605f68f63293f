import type { Fitted } from '../build/build-index';
import { terminalsOf } from '../parts/terminals';
import type { Drive } from '../network/devices/drive';
import type { Regulator } from '../network/devices/regulator';
import type { Estimates } from './estimates';
import type { HeatNode } from './watch/heat';

/** Kelvin that a part at its label amps settles above still air, the seconds that takes, and what it stands. */
const usual = {
  controller: { rise: 55, seconds: 60, limit: 100 },
  motor: { rise: 50, seconds: 240, limit: 100 },
  regulator: { rise: 60, seconds: 40, limit: 105 },
};

/** Share of a controller's losses that switching adds to its ohms: rule of thumb. */
const switchingShare = 0.5;

/** The controller and the motor of a drive, as things that warm. */
export function driveHeat(
  device: Drive,
  controller: Fitted<'controller'>,
  motor: Fitted<'motor'>,
  estimates: Estimates,
): HeatNode[] {
  const { motorOhms, escOhms } = device.values;
  const labelAmps = controller.part.continuousAmps?.value ?? 20;
  const controllerWatts = (amps: number) => (1 + switchingShare) * escOhms * amps ** 2;
  const workAmps = motor.part.fullLoadAmps?.value ?? (motor.part.stallAmps?.value ?? 20) * 0.3;
  const squared = (x: Float64Array, time: number) => device.motorAmps(x, time);
  return [
    {
      id: controller.fitting.id,
      name: controller.fitting.name,
      watts: (x, time) => controllerWatts(squared(x, time)),
      kelvinPerWatt: resistance(
        estimates,
        controller.fitting,
        usual.controller.rise / controllerWatts(labelAmps),
      ),
      seconds: usual.controller.seconds,
      limit: usual.controller.limit,
    },
    {
      id: motor.fitting.id,
      name: motor.fitting.name,
      watts: (x, time) => motorOhms * squared(x, time) ** 2,
      kelvinPerWatt: resistance(estimates, motor.fitting, usual.motor.rise / (motorOhms * workAmps ** 2)),
      seconds: usual.motor.seconds,
      limit: usual.motor.limit,
    },
  ];
}

/** A regulator as a thing that warms: a linear one sheds what its sheet says, a switching one its losses. */
export function regulatorHeat(device: Regulator, fitted: Fitted, estimates: Estimates): HeatNode {
  const { fitting, part } = fitted;
  const regulator = terminalsOf(part).gives?.regulator;
  const { rise, seconds, limit } = usual.regulator;
  const most = device.values.maxAmps * device.values.setVolts;
  const fullWatts = regulator?.maxWatts?.value ?? 0.14 * most;
  const becId = `${fitting.id}.bec`;
  const name = part.kind === 'bec' ? fitting.name : `BEC of the ${fitting.name}`;
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
