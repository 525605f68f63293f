import type { Fitted } from '../build/build-index';
import type { Element } from '../network/devices';
import { cellVolts } from '../packs/chemistry';
import { cellVoltsAt } from '../packs/charge-curve';
import { regulatorVolts, type PackState } from '../power/power-picture';
import type { CheckContext } from '../rules/rule';
import type { Conditions } from './conditions';
import { driveElements } from './drive-elements';
import type { Estimates } from './estimates';
import { plainLoad } from './plain-load';
import { packValues, type PackValues } from './values/pack-values';
import { regulatorFigures } from './values/regulator-values';
import { servoFigures } from './values/servo-values';
import { NodeNames, wiringElements } from './wiring-elements';

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
        plainLoad(fitting.id, node('rail'), node('ground'), part.amps?.value ?? 0.08, 3),
        {
          kind: 'capacitor',
          id: `${fitting.id}.c`,
          from: node('rail'),
          to: node('ground'),
          farads: railFarads,
        },
      ];
    case 'electronicSwitch':
      return [plainLoad(fitting.id, node('logic+'), node('ground'), part.amps?.value ?? 0.01, 3)];
    case 'load': {
      const amps = estimates.take(`${fitting.id}.amps`, `amps of the ${fitting.name}`, part.amps, {
        value: 0.3,
        least: 0.3,
        most: 3,
        note: 'its sheet states none',
      });
      const knee = part.minVolts?.value ?? 3;
      return [
        { ...plainLoad(fitting.id, node('plus'), node('minus'), amps, knee), on: conditions.on(fitting.id) },
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
