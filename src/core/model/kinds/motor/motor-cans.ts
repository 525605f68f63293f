import type { MotorKind, MotorSpec } from './motor';

/** What a size of motor usually is, whatever its winding: rules of thumb, ±25 % (engineering notes, section 9). */
interface Can {
  /** As people and labels call it. */
  label: RegExp;
  /** N·m/√W: torque for the root of what its windings burn; it goes with size, whatever the winding. */
  strength: number;
  /** N·m of friction and iron. */
  friction: number;
  kelvinPerWatt: number;
  joulesPerKelvin: number;
  /** Kilograms, by which an unnamed one is told. */
  kilograms: number;
  /** Whether its label counts turns. */
  isSoldByTurns?: true;
  /** Rev/min per volt where neither that nor its turns are known, with its range as factors. */
  kv: { value: number; least: number; most: number };
}

/** The size of a can as its name tells it, `540`: no speed per volt. */
const called = (size: string): RegExp => new RegExp(`\\b(?:${size})\\b(?! ?(?:rev|rpm|kv))`);

/** Diameter and length as a brushless motor's name tells them, `3652` or `36 × 52 mm`: no speed per volt. */
const sized = (across: string, along: string): RegExp =>
  new RegExp(`\\b${across}(?: ?[x×] ?)?${along}\\b(?! ?(?:rev|rpm|kv))`);

/** A usual motor of a can of 540 size, by turns: rev/min per volt for one turn. */
export const turnsPerVolt = { brushed: 60_000, brushless: 39_500 };

const brushed: readonly Can[] = [
  {
    label: called('(?:24 ?mm|130|180|260)'),
    strength: 0.0045,
    friction: 0.0009,
    kelvinPerWatt: 22,
    joulesPerKelvin: 18,
    kilograms: 0.02,
    kv: { value: 2700, least: 0.74, most: 1.3 },
  },
  {
    label: called('3[78]0'),
    strength: 0.0078,
    friction: 0.0024,
    kelvinPerWatt: 16,
    joulesPerKelvin: 32,
    kilograms: 0.072,
    kv: { value: 2000, least: 0.75, most: 1.3 },
  },
  {
    label: called('5[45]0'),
    strength: 0.0136,
    friction: 0.0055,
    kelvinPerWatt: 9,
    joulesPerKelvin: 85,
    kilograms: 0.16,
    isSoldByTurns: true,
    kv: { value: turnsPerVolt.brushed / 35, least: 0.63, most: 1.75 },
  },
  {
    label: called('6\\d0'),
    strength: 0.018,
    friction: 0.008,
    kelvinPerWatt: 8,
    joulesPerKelvin: 105,
    kilograms: 0.22,
    kv: { value: 1100, least: 0.6, most: 1.6 },
  },
  {
    label: called('7[0-7][05]'),
    strength: 0.024,
    friction: 0.0085,
    kelvinPerWatt: 5.5,
    joulesPerKelvin: 170,
    kilograms: 0.32,
    kv: { value: 620, least: 0.65, most: 1.45 },
  },
];

/** Inrunners of 13×30, 20×40, 28×50, 36×50 and 36×60 mm, and outrunners of 28 and 35 mm. */
const brushless: readonly Can[] = [
  {
    label: sized('1[0-6]', '\\d\\d'),
    strength: 0.004,
    friction: 0.0012,
    kelvinPerWatt: 50,
    joulesPerKelvin: 8,
    kilograms: 0.02,
    kv: { value: 5000, least: 0.6, most: 1.6 },
  },
  {
    label: sized('2[0-4]', '\\d\\d'),
    strength: 0.011,
    friction: 0.0025,
    kelvinPerWatt: 25,
    joulesPerKelvin: 25,
    kilograms: 0.055,
    kv: { value: 4000, least: 0.6, most: 1.6 },
  },
  {
    label: sized('2[7-9]', '\\d\\d'),
    strength: 0.013,
    friction: 0.0033,
    kelvinPerWatt: 14,
    joulesPerKelvin: 50,
    kilograms: 0.12,
    kv: { value: 3500, least: 0.6, most: 1.6 },
  },
  {
    label: sized('3[3-7]', '[45]\\d'),
    strength: 0.021,
    friction: 0.0064,
    kelvinPerWatt: 9,
    joulesPerKelvin: 90,
    kilograms: 0.18,
    kv: { value: 3000, least: 0.5, most: 1.5 },
  },
  {
    label: sized('3[5-9]', '[6-9]\\d'),
    strength: 0.029,
    friction: 0.009,
    kelvinPerWatt: 8,
    joulesPerKelvin: 115,
    kilograms: 0.25,
    kv: { value: 2400, least: 0.5, most: 1.6 },
  },
  {
    label: /\b2[0-9] ?mm outrunner/,
    strength: 0.03,
    friction: 0.006,
    kelvinPerWatt: 12,
    joulesPerKelvin: 40,
    kilograms: 0.07,
    kv: { value: 1200, least: 0.6, most: 1.6 },
  },
  {
    label: /outrunner/,
    strength: 0.05,
    friction: 0.012,
    kelvinPerWatt: 8,
    joulesPerKelvin: 80,
    kilograms: 0.14,
    kv: { value: 900, least: 0.6, most: 1.6 },
  },
];

const cansOf = (kind: MotorKind): readonly Can[] => (kind === 'brushed' ? brushed : brushless);

const nearest = (cans: readonly Can[], key: 'strength' | 'kilograms', value: number): Can => {
  const apart = (can: Can) => Math.abs(Math.log(can[key] / value));
  return cans.reduce((best, can) => (apart(can) < apart(best) ? can : best));
};

/** The size of motor that is nearest in strength. @param strength Kt/√R, N·m/√W */
export const canOf = (kind: MotorKind, strength: number): Can => nearest(cansOf(kind), 'strength', strength);

/** The size that a motor's name tells, else its mass; a 540 or 36×50 mm where neither is there. */
export function usualCan({
  motorKind,
  name,
  kilograms,
}: {
  motorKind: MotorKind;
  name: string;
  kilograms?: { value: number };
}): Can {
  const cans = cansOf(motorKind);
  const named = cans.find(({ label }) => label.test(name.toLowerCase()));
  return (
    named ??
    (kilograms ? nearest(cans, 'kilograms', kilograms.value) : cans[motorKind === 'brushed' ? 2 : 3]!)
  );
}

/** How many times stronger or weaker a can may be that goes into the mount of another: a 600 for a 540, no 380. */
const likeSize = 1.4;

/** Whether a motor of the same sort has about the size of another, so that it goes into its place. */
export function isOfLikeSize(motor: MotorSpec, other: MotorSpec): boolean {
  const ratio = usualCan(motor).strength / usualCan(other).strength;
  return motor.motorKind === other.motorKind && ratio <= likeSize && ratio >= 1 / likeSize;
}
