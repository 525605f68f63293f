import type { Fitted } from '../build/build-index';
import type { Element } from '../network/devices';
import { cellVolts } from '../packs/chemistry';
import { controllerOf } from '../power/pack-load';
import type { CheckContext } from '../rules/rule';
import type { Conditions } from './conditions';
import type { Estimates } from './estimates';
import { plainLoad } from './plain-load';
import { driveFigures, screwLoad, type PointLoad } from './values/drive-values';
import { gearedSpeed, isAfloat, roadLoad, type RoadLoad } from './values/vehicle-values';
import { motorLeadOhms, type NodeNames } from './wiring-elements';

/** A controller with its motor; by itself it draws what its own board needs. */
export function driveElements(
  context: CheckContext,
  conditions: Conditions,
  estimates: Estimates,
  names: NodeNames,
  controller: Fitted<'controller'>,
  missing: string[],
): Element[] {
  const { index, picture } = context;
  const { fitting, part } = controller;
  const [from, to] = [names.node(fitting.id, 'power+'), names.node(fitting.id, 'ground')];
  const motor = index.ofKind('motor').find((one) => controllerOf(index, picture, one) === controller);
  const volts = nominalPackVolts(context);
  const figures =
    motor &&
    driveFigures(
      motor,
      controller,
      volts,
      motorLeadOhms(index, motor, estimates),
      (kv) => loadOf(context, conditions, kv, volts, estimates),
      estimates,
    );
  if (!motor || !figures) {
    if (motor) missing.push(`amps of the ${motor.fitting.name}`);
    return [plainLoad(fitting.id, from, to, part.quiescentAmps?.value ?? 0.05, 3)];
  }
  const effort = conditions.effort ?? 1;
  return [
    {
      kind: 'drive',
      id: motor.fitting.id,
      from,
      to,
      duty: conditions.duty(fitting.id),
      ...figures,
      loadConst: figures.loadConst * effort,
      loadSquare: figures.loadSquare * effort,
    },
  ];
}

/** At rest a motor is judged by its sheet's full load; on an outing by what moves the model. */
function loadOf(
  { build, index }: CheckContext,
  conditions: Conditions,
  kv: number,
  volts: number,
  estimates: Estimates,
): PointLoad | RoadLoad {
  const floats = isAfloat(build);
  if (!conditions.command) return { squarePart: floats ? 1 : 0.4, slipShare: 0 };
  return floats
    ? screwLoad
    : roadLoad(build, gearedSpeed(kv, volts), index.ofKind('motor').length, estimates);
}

/** Nominal volts of the pack that drives the model: the one with most cells. */
export function nominalPackVolts({ index }: CheckContext): number {
  return Math.max(
    1,
    ...index.ofKind('pack').map(({ part }) => cellVolts(part.chemistry).nominal * part.cells),
  );
}
