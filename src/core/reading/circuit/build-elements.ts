import { kindOfAny } from '../../model/kinds';
import type { Element } from '../../physics/network/devices';
import { motorNets } from '../../model/parts/terminals';
import type { PartKind } from '../../model/kinds/part-spec';
import type { Fitted } from '../../model/kinds/fitted';
import type { Survey } from '../survey/survey';
import type { Supply } from '../survey/power';
import type { Conditions } from '../../model/kinds/conditions';
import type { Estimates } from '../../model/kinds/estimates';
import { NodeNames } from './nodes';
import type { MotorLoad, PartElements, PointLoad, Site, WorkingPoint } from '../../model/kinds/site';
import { driveWatts } from './drive-watts';
import { hullElement, screwOf } from '../motion/hull-values';
import { skidSteering } from '../motion/skid-values';
import { sailForce } from '../motion/sail-values';
import { thrustOf } from '../motion/screw-thrust';
import { isAfloat, kilogramsOf, vehicleElement, wheelsOf } from '../motion/vehicle-values';
import { wireElements } from './wires';

/** A sheet too silent to take part in the sum. */
interface MissingFigure {
  fitting: string;
  /** What is missing: `stall amps of the pan servo`. */
  words: string;
}

/** A build as a network. */
export interface BuildElements {
  elements: Element[];
  names: NodeNames;
  missing: MissingFigure[];
}

/** Elements of parts at rest, by part and what of the moment they change with. */
export type KnownParts = Map<string, PartElements>;

/**
 * The network of a build, from its real wires, its sheets and the state of its packs.
 * @param known keeps what is the same in several moments at rest; for moments alike in throttle and what is on
 */
export function buildElements(
  survey: Survey,
  conditions: Conditions,
  estimates: Estimates,
  names = new NodeNames(survey),
  wires: readonly Element[] = wireElements(survey, names, estimates, conditions.command !== undefined),
  known?: KnownParts,
): BuildElements {
  const { index } = survey;
  const missing: MissingFigure[] = [];
  const elements = index.all().flatMap((fitted): Element[] => {
    const supply = survey.supplyOf(fitted.fitting.id);
    if (supply && !takesPart(supply, conditions)) return [];
    const kind = kindOfAny(fitted.part);
    const make = () =>
      kind.elements(siteOf(survey, conditions, estimates, names, fitted, supply), fitted.part);
    const key = known && `${fitted.fitting.id} ${kind.momentKey?.(conditions, fitted.fitting.id) ?? ''}`;
    const made = key === undefined ? make() : (known?.get(key) ?? make());
    if (key !== undefined) known?.set(key, made);
    if (Array.isArray(made)) return made;
    missing.push({ fitting: fitted.fitting.id, words: made.missing });
    return [];
  });
  if (conditions.command) tellMotorOhms(survey, elements);
  return {
    elements: [...elements, ...bodyOf(survey, elements, conditions, estimates), ...wires],
    names,
    missing,
  };
}

/**
 * A part that no source reaches, or only one wire of it, draws nothing, and rules tell why. What it will ask once
 * its plug is turned or its ground is there counts where it is asked what a source must give.
 */
const takesPart = ({ status, sources }: Supply, { isUnlimited }: Conditions): boolean =>
  status === 'fed' || status === 'reversed' || (isUnlimited === true && sources.length > 0);

function siteOf(
  survey: Survey,
  conditions: Conditions,
  estimates: Estimates,
  names: NodeNames,
  fitted: Fitted,
  supply: Supply | undefined,
): Site<PartKind> {
  const { id } = fitted.fitting;
  const own = (net: string) => names.node(id, net);
  const [source] = supply?.sources ?? [];
  const isOffGround = supply?.status === 'plugTurned' || supply?.status === 'noGround';
  const controller = fitted.kind === 'motor' ? survey.controllerOf(id) : undefined;
  return {
    fitted,
    node: (net) => {
      return isOffGround && source && net === supply.terminal.minus
        ? names.node(source.fitted.fitting.id, source.terminal.minus)
        : own(net);
    },
    conditions,
    estimates,
    supplyVolts: supply?.volts?.nominal ?? source?.volts.nominal,
    motorVolts: controller && survey.packOf(controller.fitting.id)?.volts.nominal,
    motorEnds: motorEnds(survey, names, fitted, controller),
    loadOf: (kv, point) => loadOf(survey, conditions, id, kv, point, estimates),
  };
}

/** Tells each controller the ohms of its motors side by side, as they are in the network: braking by a share goes by them. */
function tellMotorOhms(survey: Survey, elements: readonly Element[]): void {
  const siemens = new Map<string, number>();
  for (const element of elements) {
    const controller = element.kind === 'motor' && survey.controllerOf(element.id)?.fitting.id;
    if (controller) siemens.set(controller, (siemens.get(controller) ?? 0) + 1 / element.motorOhms);
  }
  for (const element of elements) {
    const known = element.kind === 'controller' && siemens.get(element.id);
    if (known) element.motorOhms = 1 / known;
  }
}

/** Which of a motor's wires lie on its controller's first and second contact: swapped ones turn it backwards. */
function motorEnds(
  { nets }: Survey,
  names: NodeNames,
  { fitting }: Fitted,
  controller: Fitted<'controller'> | undefined,
): [string, string] {
  const wire = (contact: 'm1' | 'm2') => {
    const node = controller && nets.node(controller.fitting.id, contact);
    return motorNets.find((net) => nets.node(fitting.id, net) === node);
  };
  return [names.node(fitting.id, wire('m1') ?? 'm1'), names.node(fitting.id, wire('m2') ?? 'm2')];
}

/** Loads at rest: of a screw, and, by part with the square of the speed, of what is none: rule of thumb. */
export const loadsAtRest: Record<'screw' | 'plain', PointLoad> = {
  screw: { squarePart: 1 },
  plain: { squarePart: 0.4 },
};

/** Wheels count as turning along with the motor by this share of the mass they carry: rule of thumb. */
const wheelShare = 0.05;

/** At rest a motor is judged by its sheet's full load; on an outing by what moves the model, where it moves it. */
function loadOf(
  survey: Survey,
  conditions: Conditions,
  motor: string,
  kv: number,
  point: WorkingPoint,
  estimates: Estimates,
): MotorLoad {
  const { build } = survey;
  const movers = survey.movers();
  if (!movers.has(motor)) return loadsAtRest.plain;
  const jams = conditions.jams && { jams: conditions.jams };
  if (isAfloat(build) && conditions.isOnStand) return { inertia: 0 };
  if (isAfloat(build))
    return conditions.command
      ? { screw: screwOf(build, point, driveWatts(survey), estimates), inertia: 0, ...jams }
      : loadsAtRest.screw;
  if (!conditions.command) return loadsAtRest.plain;
  const wheels = wheelsOf(build, kv, movers.size, estimates);
  const reach = wheels.tyreRadius / wheels.gearRatio;
  const side = survey.sideOf(motor);
  const inertia = (wheelShare * kilogramsOf(build, estimates) * reach ** 2) / movers.size;
  if (conditions.isOnStand) return { inertia };
  return { wheels: side === undefined ? wheels : { ...wheels, side }, ...jams, inertia };
}

/** On an outing, the body that wheels or screws move. */
function bodyOf(
  survey: Survey,
  elements: readonly Element[],
  { command, isOnStand, effort = 1, slopes, winds }: Conditions,
  estimates: Estimates,
): Element[] {
  const { build } = survey;
  const moving = elements.filter((element) => element.kind === 'motor');
  if (!command || isOnStand) return [];
  if (moving.some((motor) => motor.wheels)) {
    const vehicle = vehicleElement(build, effort, slopes ?? 0, estimates);
    const hasSides = moving.some((motor) => motor.wheels?.side);
    return [hasSides ? { ...vehicle, skid: skidSteering(build, estimates) } : vehicle];
  }
  const screws = moving.filter((motor) => motor.screw);
  const isSailing = build.model === 'yacht' && winds !== undefined;
  if (isSailing && !isAfloat(build))
    return [
      { ...vehicleElement(build, effort, slopes ?? 0, estimates), push: sailForce(build, winds, estimates) },
    ];
  if (screws.length === 0 && !isSailing) return [];
  const thrustAt = (metresPerSecond: number) =>
    screws.reduce((sum, motor) => {
      const controller = survey.controllerOf(motor.id);
      const volts = (controller && survey.packOf(controller.fitting.id)?.volts.nominal) ?? 0;
      return sum + thrustOf(motor, volts, metresPerSecond);
    }, 0);
  const hull = hullElement(build, effort, driveWatts(survey), thrustAt, estimates);
  return [isSailing ? { ...hull, push: sailForce(build, winds, estimates) } : hull];
}
