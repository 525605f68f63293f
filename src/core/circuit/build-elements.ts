import { kindOfAny } from '../kinds';
import type { Element } from '../network/devices';
import { motorNets } from '../parts/terminals';
import type { PartKind } from '../parts/part-spec';
import type { Fitted } from '../survey/build-index';
import type { Survey } from '../survey/survey';
import type { Supply } from '../survey/power';
import type { Conditions } from './conditions';
import type { Estimates } from './estimates';
import { NodeNames } from './nodes';
import type { MotorLoad, PartElements, Site } from './site';
import { screwLoad } from './values/drive-values';
import { gearedSpeed, isAfloat, roadLoad } from './values/vehicle-values';
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
  wires: readonly Element[] = wireElements(survey.index, names, estimates),
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
    if (Array.isArray(made)) return effort(made, conditions.effort ?? 1);
    missing.push({ fitting: fitted.fitting.id, words: made.missing });
    return [];
  });
  return { elements: [...elements, ...wires], names, missing };
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
    loadOf: (kv, volts) => loadOf(survey, conditions, kv, volts, estimates),
  };
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

/** At rest a motor is judged by its sheet's full load; on an outing by what moves the model. */
function loadOf(
  { build, index }: Survey,
  conditions: Conditions,
  kv: number,
  volts: number,
  estimates: Estimates,
): MotorLoad {
  const floats = isAfloat(build);
  if (!conditions.command) return { squarePart: floats ? 1 : 0.4, slipShare: 0 };
  return floats
    ? screwLoad
    : roadLoad(build, gearedSpeed(kv, volts), index.ofKind('motor').length, estimates);
}

const effort = (elements: Element[], factor: number): Element[] =>
  factor === 1
    ? elements
    : elements.map((element) =>
        element.kind === 'motor'
          ? { ...element, loadConst: element.loadConst * factor, loadSquare: element.loadSquare * factor }
          : element,
      );
