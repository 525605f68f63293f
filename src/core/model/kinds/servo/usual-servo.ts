import type { Guess } from '../estimates';
import { kilogramCentimetre } from '../../../base/quantity/constants';
import { defaults, stallAmps } from '../defaults';
import type { ServoSpec } from './servo';
import { leastSoldVolts } from '../least-sold';
import { presumed, presumedBy, type PresumedFigure } from '../presumed';
import { servoFigureAt } from './servo-sheet';

/** Sixty degrees in radians. */
const sixtyDegrees = Math.PI / 3;

/** Least stall amps of any servo. */
const leastAmps = 0.3;

/** Classes of servos: the kilograms up to which one is of it, and its torque in kg·cm (engineering notes, section 10). */
const classes = [
  { kilograms: 0.007, torque: 0.9 },
  { kilograms: 0.015, torque: 1.8 },
  { kilograms: 0.032, torque: 3.5 },
  { kilograms: 0.052, torque: 6 },
  { kilograms: 0.085, torque: 18 },
  { kilograms: Infinity, torque: 30 },
];
const standard = classes[3]!;

/** Torque of five-wire toy servos in kg·cm: rule of thumb. */
const toyTorque = 1.5;

/** Torque in kg·cm as labels print it: `20kg`, `13.5 kg`. */
const printed = /(\d+(?:[.,]\d+)?) ?kg/i;

/** Torque of a servo whose sheet states none, in N·m, with the range of what comes of it: by its name, else its mass, else a standard one's. */
function usualTorque({ name, kilograms, wires }: ServoSpec): Guess {
  const label = printed.exec(name)?.[1];
  if (label === undefined && wires === 5)
    return { value: toyTorque * kilogramCentimetre, least: 0.5, most: 2, note: 'usual for a toy servo' };
  const byMass = kilograms && classes.find((each) => kilograms.value <= each.kilograms);
  return label === undefined
    ? {
        value: (byMass ?? standard).torque * kilogramCentimetre,
        least: 0.4,
        most: 2.6,
        note: byMass ? 'usual for its mass, rule of thumb' : 'usual for a standard servo, rule of thumb',
      }
    : {
        value: Number(label.replace(',', '.')) * kilogramCentimetre,
        least: 0.65,
        most: 1.6,
        note: `by its name, ${label} kg·cm`,
      };
}

/** Stall amps of a servo of which too little is printed to work them out. @param volts at its contacts */
export function usualStall(part: ServoSpec, volts: number): Guess {
  const printedTorque = servoFigureAt(part, 'stallNewtonMetres', volts);
  const usual = usualTorque(part);
  const torque = printedTorque?.value ?? usual.value;
  const seconds = servoFigureAt(part, 'sixtyDegreeSeconds', volts)?.value ?? defaults.servoSeconds.value;
  const { value } = stallAmps(torque, sixtyDegrees / seconds, volts);
  return {
    value: Math.max(value, leastAmps),
    least: printedTorque ? 0.65 : usual.least,
    most: printedTorque ? 1.6 : usual.most,
    isPresumed: true,
    note: `1.8 × torque × unloaded speed ÷ volts; torque ${printedTorque ? 'by its sheet' : usual.note}`,
  };
}

/** The most volts that servos are sold for: of high voltage, but for toys. The same source. */
const mostSold = ({ wires }: ServoSpec): number => (wires === 5 ? 6 : 8.4);

/** What is usual of a servo where its sheet is silent. Engineering notes, section 10. */
export function presumedOfServo(part: ServoSpec): PresumedFigure[] {
  const best = part.sheet.at(-1);
  const most = part.maxVolts?.value ?? leastSoldVolts(part);
  const { value, least, most: slowest } = defaults.servoSeconds;
  return [
    ...(part.maxVolts
      ? []
      : [presumed('maxVolts', [most, most, mostSold(part)], 'low', 'the least that servos are sold for')]),
    ...(part.minVolts ? [] : [presumed('minVolts', [4.5, 3.5, 4.8], 'high', 'usual for a servo')]),
    ...(best?.stallNewtonMetres ? [] : [presumedBy('stallTorque', usualTorque(part), 'low')]),
    ...(best?.sixtyDegreeSeconds
      ? []
      : [
          presumed(
            'speed',
            [value, least * value, slowest * value],
            'high',
            'usual for a servo without a printed speed',
          ),
        ]),
    ...(best?.stallAmps
      ? []
      : [presumedBy('stallAmps', usualStall(part, best?.volts.value ?? most), 'high')]),
  ];
}
