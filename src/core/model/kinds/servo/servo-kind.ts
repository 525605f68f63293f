import { presumedOfServo } from './usual-servo';
import { changed, describeKind } from '../kind';
import { heldTorque, servoFigures, servoRunning, servoStalled } from './servo-values';
import { leadSides, turnsDrum } from './servo';
import { openChoice, plainOptions, sheetChoice } from '../sheet-choice';
import { ampsField, millimetresField, voltsField, type SheetField } from '../../parts/sheet-field';
import { kilogramCentimetre } from '../../../base/quantity/constants';
import { servoFigureAt } from './servo-sheet';
import { limits } from '../../parts/terminals';
import { formatQuantity } from '../../../base/quantity/format';

/** Where servos are compared, and how much of another's torque a substitute must give: rule of thumb. */
const usualVolts = 6;
const leastShare = 0.75;

/** Sixty degrees, to which the load on a servo is referred. */
const sixtyDegrees = Math.PI / 3;

export const servoKind = describeKind<'servo'>({
  kind: 'servo',
  words: { one: 'servo', many: 'Servos' },
  terminals: (part) => ({
    consumes: [
      {
        id: 'supply',
        plus: 'plus',
        minus: 'minus',
        signal: 'signal',
        ...limits(part.minVolts, part.maxVolts),
      },
    ],
  }),
  signal: () => 'signal',
  fields: (part) => [
    voltsField('minVolts', 'Min voltage'),
    voltsField('maxVolts', 'Max voltage'),
    ...part.sheet.flatMap((point, n) => pointFields(n, point.volts.value)),
    { path: 'travelDegrees', label: 'Travel', unit: '°', scale: 1 },
    { path: 'splineTeeth', label: 'Spline', unit: 'teeth', scale: 1 },
    millimetresField('earToShaft', 'Lug to shaft'),
    millimetresField('earSpan', 'Ear to ear'),
    millimetresField('underEars', 'Depth below lugs'),
    millimetresField('hornRadius', 'Horn hole radius'),
    millimetresField('leadLength', 'Lead'),
  ],
  choices: (part) => [
    sheetChoice('wires', 'Wires', String(part.wires ?? 3), plainOptions(['3', '5']), (value) =>
      changed(part, { wires: value === '5' ? 5 : 3 }),
    ),
    openChoice(part, 'leadSide', 'Lead leaves', leadSides),
  ],
  blank: ({ leadSide, wires, ...usual }) => ({ ...usual, sheet: [] }),
  draws: (part, volts) => {
    const stalled = servoStalled(part, volts);
    return stalled ? { running: servoRunning(part, volts, stalled), stalled } : { missing: 'stall amps' };
  },
  elements: ({ fitted, node, conditions, estimates, supplyVolts }, part) => {
    const volts =
      supplyVolts !== undefined && supplyVolts > 0 ? supplyVolts : (part.sheet.at(-1)?.volts.value ?? 6);
    const figures = servoFigures(fitted, volts, estimates, conditions.presumes);
    const { id, name } = fitted.fitting;
    if (!figures) return { missing: `stall amps of the ${name}` };
    const own = { kind: 'servo' as const, id, from: node('plus'), to: node('minus'), ...figures };
    if (conditions.command) {
      const load = conditions.servoTorque?.(id) ?? (conditions.servoLoad?.(id) ?? 0) * figures.stallTorque;
      return [
        {
          ...own,
          command: conditions.command(id),
          loadSpring: load / sixtyDegrees,
          loadConst: 0,
        },
      ];
    }
    const still = conditions.servo?.(id) ?? 'resting';
    if (still === 'stalled') return [{ ...own, stalled: true }];
    return [{ ...own, holdTorque: still === 'moving' ? heldTorque(part, figures) : 0 }];
  },
  momentKey: (conditions, id) => conditions.servo?.(id) ?? 'resting',
  column: 'served',
  lines: (part, { fedVolts }) => [
    fedVolts === undefined ? 'not fed' : `on ${formatQuantity(fedVolts, 'V')}`,
    ...(part.maxVolts ? [`max ${formatQuantity(part.maxVolts.value, 'V')}`] : []),
  ],
  chosen: 7,
  seen: 4,
  decides: ({ sheet }, units) => {
    const best = sheet.findLast((point) => point.stallNewtonMetres);
    return best?.stallNewtonMetres
      ? [
          `${formatQuantity(best.stallNewtonMetres.value / kilogramCentimetre, 'kg·cm', units)} at ${formatQuantity(best.volts.value, 'V')}`,
        ]
      : [];
  },
  usual: presumedOfServo,
  isDelicate: true,
  // A servo is not put right by one that a receiver cannot work, or that is much weaker.
  replaces: (candidate, part) => {
    const [given, wanted] = [candidate, part].map((servo) =>
      servoFigureAt(servo, 'stallNewtonMetres', usualVolts),
    );
    return (
      candidate.wires !== 5 &&
      turnsDrum(candidate) === turnsDrum(part) &&
      (!given || !wanted || given.value >= leastShare * wanted.value)
    );
  },
});

function pointFields(n: number, at: number): SheetField[] {
  return [
    {
      path: `sheet.${n}.stallNewtonMetres`,
      label: `Stall torque at ${at} V`,
      unit: 'kg·cm',
      scale: kilogramCentimetre,
    },
    ampsField(`sheet.${n}.stallAmps`, `Stall current at ${at} V`),
    { path: `sheet.${n}.sixtyDegreeSeconds`, label: `Speed at ${at} V`, unit: 's', scale: 1 },
    ampsField(`sheet.${n}.runningAmps`, `Running current at ${at} V`),
  ];
}
