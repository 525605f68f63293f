import { Estimates } from '../../model/kinds/estimates';
import type { MechanismLoad } from '../circuit/mechanism-load';
import { kilogramCentimetre } from '../../base/quantity/constants';
import { drivenMotors } from '../circuit/driven-motors';
import { driveWatts } from '../circuit/drive-watts';
import { bladesOf, hullSpeed, planes, usualPitch, waterlineOf } from '../motion/hull-values';
import { gearedSpeed, tyreDiameter } from '../motion/vehicle-values';
import type { Reading } from '../build-reading/reading';

/** Speed that gears make of the motor's at some volts, in m/s. */
interface GearedSpeed {
  cells: number;
  volts: number;
  metresPerSecond: number;
}

/** What moves the model, as the Trial takes it: the Brief's figures, and estimates where it has none. */
export type Driveline =
  | { moves: 'wheels'; gearRatio: number; tyreDiameter: number; speeds: GearedSpeed[] }
  | {
      moves: 'screw';
      diameter: number;
      pitch: number;
      blades: number;
      waterline: number;
      hullSpeed: number;
      planes: boolean;
    };

/** What moves a build; `undefined` where no motor is wired that could. */
export function drivelineOf(context: Reading): Driveline | undefined {
  const { survey, build } = context;
  const estimates = new Estimates(build.measured);
  const [motor] = drivenMotors(survey, estimates);
  if (!motor) return undefined;
  if (motor.wheels) {
    const controller = survey.controllerOf(motor.id);
    const packs = controller && survey.packOf(controller.fitting.id);
    const { gearRatio } = motor.wheels;
    const cells = packs?.cells ?? 0;
    const volts = packs?.volts.nominal ?? 0;
    const at = (count: number): GearedSpeed => ({
      cells: count,
      volts: (volts * count) / cells,
      metresPerSecond: gearedSpeed(motor.kv, (volts * count) / cells, gearRatio, tyreDiameter(build)),
    });
    return {
      moves: 'wheels',
      gearRatio,
      tyreDiameter: tyreDiameter(build),
      speeds: cells > 0 ? [at(cells), at(cells + 1)] : [],
    };
  }
  const { diameter } = motor.screw!;
  const watts = driveWatts(survey);
  const waterline = waterlineOf(build, estimates);
  return {
    moves: 'screw',
    diameter,
    pitch: build.brief.screwPitch ?? usualPitch(build, diameter, watts, estimates),
    blades: bladesOf(build, watts, estimates),
    waterline,
    hullSpeed: hullSpeed(waterline),
    planes: planes(build, watts, estimates),
  };
}

/** What the mechanisms of servos ask where they are hardest, as far as it is known what moves; alike ones together. */
export function servoAsks({ circuit, index }: Reading) {
  const alike = new Map<MechanismLoad, string[]>();
  for (const { fitting } of index.ofKind('servo')) {
    const load = circuit.mechanismLoad(fitting.id);
    if (load) alike.set(load, [...(alike.get(load) ?? []), fitting.name]);
  }
  return [...alike].map(([{ words, newtonMetres }, names]) => ({
    names,
    words,
    kilogramCentimetres: newtonMetres / kilogramCentimetre,
  }));
}
