import type { Fitted } from '../build/build-index';
import type { Element } from '../network/devices';
import type { TrackPoints } from '../network/track';
import { cellVolts } from '../packs/chemistry';
import { cellVoltsAt } from '../packs/charge-curve';
import { controllerOf } from '../power/pack-load';
import { regulatorVolts, type PackState } from '../power/power-picture';
import type { CheckContext } from '../rules/rule';
import type { Estimates } from './estimates';
import { driveFigures } from './values/drive-values';
import { packValues, type PackValues } from './values/pack-values';
import { regulatorFigures } from './values/regulator-values';
import { servoFigures } from './values/servo-values';
import { motorLeadOhms, NodeNames, wiringElements } from './wiring-elements';

/** What a servo does while an operating point is taken. */
export type ServoStill = 'resting' | 'moving' | 'stalled';

/** How a build is looked at: the state of its packs, and what each part is told. */
export interface Conditions {
  /** Charge of every pack, 0 to 1, or one of the states that limits are looked at. */
  charge: number | PackState;
  /** What cold and age multiply the packs' ohms by. */
  coldFactor: number;
  /** Operating points: what each servo does, by fitting. */
  servo?: (fittingId: string) => ServoStill;
  /** Load on the drives against their usual one; 1 where not said. */
  effort?: number;
  /** Throttle of each controller, −1 to 1, as one value or over time. */
  duty: (controllerId: string) => number | TrackPoints;
  /** Angle asked of each servo over time, in radians; operating points have none. */
  command?: (servoId: string) => TrackPoints;
  /** Load on a servo's shaft at sixty degrees, as a share of its stall torque. */
  servoLoad?: (servoId: string) => number;
  /** How far on a lamp, a pump or a horn is, 0 to 1, as one value or over time. */
  on: (fittingId: string) => number | TrackPoints;
}

/** A build as a network: its elements, and what it takes to follow its packs. */
export interface BuildElements {
  elements: Element[];
  names: NodeNames;
  packs: { pack: Fitted<'pack'>; values: PackValues }[];
  /** Sheets too silent to take part in the sum: what is missing. */
  missing: string[];
}

/** Sixty degrees, to which the load on a servo is referred. */
const sixtyDegrees = Math.PI / 3;

/** Capacitor at a regulator's output: usual. */
const outputFarads = 1e-4;

/** What the divider inside a regulator drains from its output: keeps one that feeds nothing at its volts. */
const bleedOhms = 10_000;

/** Capacitance that a receiver rail has without anything added: a few hundred microfarads inside its parts. */
const railFarads = 2.2e-4;

/** The network of a build, from its real wires, its sheets and the state of its packs. */
export function buildElements(
  context: CheckContext,
  conditions: Conditions,
  estimates: Estimates,
): BuildElements {
  const { index } = context;
  const names = new NodeNames(index);
  const missing: string[] = [];
  const packs = index
    .ofKind('pack')
    .map((pack) => ({ pack, values: packValues(pack, estimates, conditions.coldFactor) }));
  const elements: Element[] = [
    ...packs.map(({ pack, values }): Element => {
      const { fitting, part } = pack;
      // Cut-off volts are read under load: what the pack's own ohms take is already off them.
      const { ohms, r1, c1 } = conditions.charge === 'cutoff' ? { ohms: 0 } : values;
      return {
        kind: 'source',
        id: fitting.id,
        node: names.node(fitting.id, 'plus'),
        to: names.node(fitting.id, 'minus'),
        volts: openVolts(pack.part.chemistry, conditions.charge) * part.cells,
        ohms,
        r1,
        c1,
      };
    }),
    ...wiringElements(index, names, estimates),
    ...index.all().flatMap((fitted) => partElements(context, conditions, estimates, names, fitted, missing)),
  ];
  return { elements, names, packs, missing };
}

const openVolts = (chemistry: Parameters<typeof cellVoltsAt>[0], charge: number | PackState): number =>
  typeof charge === 'number' ? cellVoltsAt(chemistry, charge) : cellVolts(chemistry)[charge];

function partElements(
  context: CheckContext,
  conditions: Conditions,
  estimates: Estimates,
  names: NodeNames,
  fitted: Fitted,
  missing: string[],
): Element[] {
  const { fitting, part } = fitted;
  const node = (net: string) => names.node(fitting.id, net);
  if (hangsInTheAir(context, fitted)) return [];
  switch (part.kind) {
    case 'controller':
    case 'bec': {
      const own: Element[] = part.regulator
        ? [
            {
              kind: part.regulator.type === 'linear' ? 'linear' : 'buck',
              id: `${fitting.id}.bec`,
              from: node('power+'),
              to: node('bec+'),
              ground: node('ground'),
              ...regulatorFigures(
                fitted,
                part.regulator,
                regulatorVolts(fitted) ?? 5,
                inputVoltsOf(context, fitted),
                estimates,
              ),
            },
            {
              kind: 'capacitor',
              id: `${fitting.id}.output`,
              from: node('bec+'),
              to: node('ground'),
              farads: outputFarads,
            },
            {
              kind: 'resistor',
              id: `${fitting.id}.bleed`,
              from: node('bec+'),
              to: node('ground'),
              ohms: bleedOhms,
            },
          ]
        : [];
      return part.kind === 'bec'
        ? own
        : [
            ...own,
            ...driveElements(context, conditions, estimates, names, fitted as Fitted<'controller'>, missing),
          ];
    }
    case 'servo':
      return servoElements(context, conditions, estimates, names, fitted as Fitted<'servo'>, missing);
    case 'receiver':
      return [
        load(fitting.id, node('rail'), node('ground'), part.amps?.value ?? 0.08, 3),
        {
          kind: 'capacitor',
          id: `${fitting.id}.c`,
          from: node('rail'),
          to: node('ground'),
          farads: railFarads,
        },
      ];
    case 'electronicSwitch':
      return [load(fitting.id, node('logic+'), node('ground'), part.amps?.value ?? 0.01, 3)];
    case 'load': {
      const amps = estimates.take(`${fitting.id}.amps`, `amps of the ${fitting.name}`, part.amps, {
        value: 0.3,
        least: 0.3,
        most: 3,
        note: 'its sheet states none',
      });
      const knee = part.minVolts?.value ?? 3;
      return [
        { ...load(fitting.id, node('plus'), node('minus'), amps, knee), on: conditions.on(fitting.id) },
      ];
    }
    case 'pack':
    case 'motor':
    case 'transmitter':
    case 'cable':
      return [];
  }
}

/** A part that no source reaches, or only one wire of it: it draws nothing, and rules tell why. */
function hangsInTheAir({ picture }: CheckContext, fitted: Fitted): boolean {
  const supplies = picture.supplies.filter((one) => one.fitted === fitted);
  return supplies.length > 0 && supplies.every(({ status }) => status !== 'fed' && status !== 'reversed');
}

/** Nominal volts at a regulator's input. */
function inputVoltsOf({ picture }: CheckContext, fitted: Fitted): number | undefined {
  return picture.supplies.find((one) => one.fitted === fitted && one.terminal.id === 'supply')?.volts
    ?.nominal;
}

const load = (id: string, from: string, to: string, amps: number, kneeVolts: number) => ({
  kind: 'currentLoad' as const,
  id,
  from,
  to,
  amps,
  kneeVolts,
});

/** A controller with its motor; by itself it draws what its own board needs. */
function driveElements(
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
      context.build.model === 'boat',
      estimates,
    );
  if (!motor || !figures) {
    if (motor) missing.push(`amps of the ${motor.fitting.name}`);
    return [load(fitting.id, from, to, part.quiescentAmps?.value ?? 0.05, 3)];
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

function servoElements(
  context: CheckContext,
  conditions: Conditions,
  estimates: Estimates,
  names: NodeNames,
  servo: Fitted<'servo'>,
  missing: string[],
): Element[] {
  const { fitting, part } = servo;
  const supply = context.picture.supplies.find((one) => one.fitted === servo);
  const sheetVolts = part.sheet.at(-1)?.volts.value ?? 6;
  const figures = servoFigures(
    servo,
    supply?.volts && supply.volts.nominal > 0 ? supply.volts.nominal : sheetVolts,
    estimates,
  );
  if (!figures) {
    missing.push(`stall amps of the ${fitting.name}`);
    return [];
  }
  const ends = { id: fitting.id, from: names.node(fitting.id, 'plus'), to: names.node(fitting.id, 'minus') };
  if (conditions.command) {
    const share = conditions.servoLoad?.(fitting.id) ?? 0;
    return [
      {
        kind: 'servo',
        ...ends,
        ...figures,
        command: conditions.command(fitting.id),
        loadSpring: (share * figures.stallTorque) / sixtyDegrees,
        loadConst: 0,
      },
    ];
  }
  const still = conditions.servo?.(fitting.id) ?? 'resting';
  if (still === 'stalled') return [{ kind: 'servo', ...ends, ...figures, stalled: true }];
  const kt = figures.stallTorque / (figures.stallAmps - figures.noLoadAmps);
  const moving = runningAmps(servo, figures.refVolts, figures.stallAmps);
  const holdTorque = still === 'moving' ? Math.max(moving - figures.idleAmps, 0) * kt : 0;
  return [{ kind: 'servo', ...ends, ...figures, holdTorque }];
}

function runningAmps(servo: Fitted<'servo'>, volts: number, stallAmps: number): number {
  const point =
    servo.part.sheet.find((one) => one.runningAmps && one.volts.value >= volts) ??
    servo.part.sheet.findLast((one) => one.runningAmps);
  return point?.runningAmps?.value ?? 0.2 * stallAmps;
}

/** Nominal volts of the pack that drives the model: the one with most cells. */
function nominalPackVolts({ index }: CheckContext): number {
  return Math.max(
    1,
    ...index.ofKind('pack').map(({ part }) => cellVolts(part.chemistry).nominal * part.cells),
  );
}
