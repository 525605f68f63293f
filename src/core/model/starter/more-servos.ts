import type { ConnectorFamilyId } from '../connectors/families';
import type { ServoSpec } from '../kinds/servo/servo';
import { estimated, stated } from '../../base/validation/figure';
import { servoLead } from './ports';

/** Outer sizes of a servo's case without ears and horn, in millimetres, what it weighs, and its output spline; its holes. */
const cases = {
  tiny: { size: [20, 8.5, 20], grams: 5, teeth: 15, earToShaft: 6.5, span: 24, under: 13 },
  micro: { size: [23, 12, 23], grams: 10, teeth: 21, earToShaft: 8, span: 28, under: 16 },
  mini: { size: [29, 13, 30], grams: 21, teeth: 25, earToShaft: 9.5, span: 35, under: 20 },
  slim: { size: [41, 20, 26], grams: 46, teeth: 25, earToShaft: 14, span: 49.5, under: 16 },
  standard: { size: [41, 20, 38], grams: 55, teeth: 25, earToShaft: 14, span: 49.5, under: 28 },
  large: { size: [66, 30, 58], grams: 160, teeth: 15, earToShaft: 22, span: 76, under: 38 },
} as const;

type ServoRow = [
  id: string,
  name: string,
  size: keyof typeof cases,
  volts: [least: number, most: number],
  /** Volts that its sheet has a column for. */
  columns: number[],
  /** N·m and seconds for sixty degrees at 6 V. */
  newtonMetres: number,
  seconds: number,
];

const rows: ServoRow[] = [
  ['servo-tiny-plastic', 'tiny servo, plastic gears', 'tiny', [4, 6], [4.8], 0.08, 0.09],
  ['servo-tiny-high-volt', 'tiny servo, high-voltage', 'tiny', [4.8, 8.4], [6, 7.4], 0.14, 0.09],
  ['servo-micro-metal', 'micro servo, metal gears', 'micro', [4.8, 6.6], [4.8, 6], 0.24, 0.11],
  ['servo-micro-fast', 'micro servo, fast', 'micro', [4.8, 6.6], [4.8, 6], 0.14, 0.07],
  ['servo-micro-high-volt', 'micro servo, high-voltage', 'micro', [4.8, 8.4], [6, 7.4, 8.4], 0.3, 0.1],
  ['servo-micro-strong', 'micro servo, strong', 'micro', [4.8, 7.4], [4.8, 6, 7.4], 0.38, 0.14],
  ['servo-mini-metal', 'mini servo, metal gears', 'mini', [4.8, 6.6], [4.8, 6], 0.42, 0.13],
  ['servo-mini-strong', 'mini servo, strong', 'mini', [4.8, 7.4], [4.8, 6, 7.4], 0.65, 0.15],
  ['servo-mini-high-volt', 'mini servo, high-voltage', 'mini', [6, 8.4], [6, 7.4, 8.4], 0.6, 0.11],
  ['servo-slim-fast', 'low-profile servo, fast', 'slim', [4.8, 7.4], [4.8, 6, 7.4], 0.7, 0.08],
  ['servo-slim-strong', 'low-profile servo, strong', 'slim', [4.8, 7.4], [4.8, 6, 7.4], 1.2, 0.13],
  ['servo-slim-high-volt', 'low-profile servo, high-voltage', 'slim', [6, 8.4], [6, 7.4, 8.4], 1.3, 0.09],
  ['servo-standard-metal', 'standard servo, metal gears', 'standard', [4.8, 6.6], [4.8, 6], 0.95, 0.16],
  ['servo-standard-fast', 'standard servo, fast', 'standard', [4.8, 7.4], [4.8, 6, 7.4], 0.9, 0.08],
  ['servo-standard-waterproof', 'standard servo, sealed', 'standard', [4.8, 7.4], [6, 7.4], 1.5, 0.15],
  ['servo-standard-25', 'crawler servo, 25 kg·cm', 'standard', [4.8, 7.4], [6, 7.4], 2, 0.17],
  ['servo-standard-35', 'crawler servo, 35 kg·cm', 'standard', [6, 8.6], [6, 7.4, 8.4], 2.5, 0.14],
  ['servo-standard-45', 'crawler servo, 45 kg·cm, brushless', 'standard', [6, 8.6], [6, 7.4, 8.4], 3.2, 0.13],
  ['servo-large', 'large servo, 6 V', 'large', [4.8, 6.6], [4.8, 6], 2.4, 0.2],
  ['servo-large-high-volt', 'large servo, high-voltage', 'large', [6, 8.6], [6, 7.4, 8.4], 4, 0.18],
];

/** Share of the watts of a stalled servo that its torque and free speed make together: usual. */
const share = 0.5;
/** Amps while it moves its usual load, against those stalled: usual. */
const movingShare = 0.18;

/**
 * A servo whose figures fit each other: torque and speed follow its volts, and stall amps follow from both,
 * torque × free speed = share × volts × stall amps.
 */
function servo([id, name, size, [least, most], columns, newtonMetres, seconds]: ServoRow): ServoSpec {
  const { size: sizes, grams, teeth, earToShaft, span, under } = cases[size];
  const round = (value: number, digits: number) => Number(value.toPrecision(digits));
  const [length, width, height] = sizes;
  const family: ConnectorFamilyId = size === 'tiny' ? 'servo-3-small' : 'servo-3-flat';
  return {
    id,
    kind: 'servo',
    name,
    maker: 'Quillet',
    protection: name.includes('sealed') || name.includes('crawler') ? 'sealed' : 'coated',
    minVolts: stated(least),
    maxVolts: stated(most),
    sheet: columns.map((volts) => {
      const torque = (newtonMetres * volts) / 6;
      const time = (seconds * 6) / volts;
      const stallAmps = round((torque * (Math.PI / 3 / time)) / (share * volts), 2);
      return {
        volts: stated(volts),
        stallNewtonMetres: stated(round(torque, 3)),
        stallAmps: stated(stallAmps),
        sixtyDegreeSeconds: stated(round(time, 2)),
        runningAmps: estimated(round(movingShare * stallAmps, 2), 'a sixth of stall, usual'),
      };
    }),
    kilograms: stated(grams / 1000),
    length: stated(length / 1000),
    width: stated(width / 1000),
    height: stated(height / 1000),
    splineTeeth: stated(teeth),
    earToShaft: stated(earToShaft / 1000),
    earSpan: stated(span / 1000),
    underEars: stated(under / 1000),
    ports: [servoLead({ plus: 'plus', minus: 'minus' }, family)],
  };
}

export const moreServos: ServoSpec[] = rows.map(servo);
