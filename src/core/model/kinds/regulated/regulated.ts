import { regulatorFigures } from './regulator-values';
import type { Conditions } from '../conditions';
import type { Site } from '../site';
import type { Element } from '../../../physics/network/devices';
import type { BecSpec } from '../bec/bec';
import type { ControllerSpec } from '../controller/controller';
import { regulatorTypes, type Regulator } from '../../parts/regulator';
import { estimated } from '../../../base/validation/figure';
import { plainOptions, sheetChoice, type SheetChoice } from '../sheet-choice';
import { ampsField, voltsField, type SheetField } from '../../parts/sheet-field';
import { limits, type Terminals } from '../../parts/terminals';
import { changed } from '../kind';

type Regulated = ControllerSpec | BecSpec;

/** Usual sets of output volts of a regulator. */
const voltsSets = ['5', '6', '5, 6', '5, 6, 7.4', '5, 6, 7.4, 8.4', '7.4', '12'];

/** Capacitor at a regulator's output: usual. */
const outputFarads = 1e-4;

/** What the divider inside a regulator drains from its output: keeps one that feeds nothing at its volts. */
const bleedOhms = 10_000;

/** Power in, and a regulated plus out where there is a regulator. */
export const regulatedTerminals = (part: Regulated): Terminals => ({
  consumes: [
    { id: 'supply', plus: 'power+', minus: 'ground', ...limits(part.minInputVolts, part.maxInputVolts) },
  ],
  ...(part.regulator && { gives: { plus: 'bec+', minus: 'ground', regulator: part.regulator } }),
});

export const regulatorFields = (
  regulator: Regulator | undefined,
  gives: string,
  sheds: string,
): SheetField[] => [
  ...(regulator
    ? [
        ampsField('regulator.maxAmps', gives),
        voltsField('regulator.dropoutVolts', 'BEC needs above its output'),
      ]
    : []),
  ...(regulator?.type === 'linear'
    ? [{ path: 'regulator.maxWatts', label: sheds, unit: 'W', scale: 1 }]
    : []),
];

/** A regulator's elements change with whether it gives what is asked, and at cut-off. */
export const regulatorMoment = ({ charge, isUnlimited }: Conditions): string =>
  `${charge === 'cutoff'}/${isUnlimited === true}`;

/** The volts that a regulator can be set to. */
export function regulatorChoice(part: Regulated): SheetChoice[] {
  const { regulator } = part;
  if (!regulator) return [];
  return [
    sheetChoice('volts', 'BEC volts', regulator.voltsChoices.join(', '), plainOptions(voltsSets), (value) =>
      changed<Regulated>(part, { regulator: { ...regulator, voltsChoices: value.split(', ').map(Number) } }),
    ),
  ];
}

const noBec = 'none';

/** Whether a controller has a BEC, and of which kind; a new one is guess: please check. */
export function regulatorTypeChoice(part: ControllerSpec): SheetChoice {
  const options = [noBec, ...regulatorTypes];
  return sheetChoice('bec', 'BEC', part.regulator?.type ?? noBec, plainOptions(options), (value) => {
    const { regulator, ...rest } = part;
    if (value !== 'switching' && value !== 'linear') return rest;
    const guess = estimated(1, 'guess: please check');
    return changed(part, { regulator: { voltsChoices: [5], maxAmps: guess, ...regulator, type: value } });
  });
}

/** A regulator in the network, with what hangs on its output inside the part. */
export function regulatorElements(
  {
    fitted,
    node,
    conditions,
    estimates,
  }: Pick<Site<'controller' | 'bec'>, 'fitted' | 'node' | 'conditions' | 'estimates'>,
  regulator: Regulator,
): Element[] {
  const { id } = fitted.fitting;
  const ends = { from: node('bec+'), to: node('ground') };
  return [
    {
      kind: regulator.type === 'linear' ? 'linear' : 'buck',
      id: `${id}.bec`,
      from: node('power+'),
      to: node('bec+'),
      ground: node('ground'),
      ...regulatorFigures(fitted, regulator, conditions, estimates),
    },
    { kind: 'capacitor', id: `${id}.output`, ...ends, farads: outputFarads },
    { kind: 'resistor', id: `${id}.bleed`, ...ends, ohms: bleedOhms },
  ];
}

/** `BEC 5.0 V 2 A`, as the wiring picture writes it. */
export const regulatorLine = (regulator: Regulator, volts: string): string =>
  `${regulator.type === 'linear' ? 'linear BEC' : 'BEC'} ${volts} ${regulator.maxAmps.value} A`;
