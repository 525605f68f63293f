import type { Guess } from '../estimates';
import { presumedBy, type PresumedFigure } from '../presumed';
import type { MotorSpec } from './motor';
import { turnsPerVolt, usualCan } from './motor-cans';

/** Kelvin above the air that the windings of a usual motor stand for long. */
const usualRise = 80;
/** Amps under its usual load at full throttle, against what it stands for long: it is driven in bursts. */
const fullShare = 1.6;

/** What a motor is taken for whose sheet states no amps. */
export interface UsualMotor {
  kv: Guess;
  /** Ohms of its windings at its speed per volt. */
  ohms: (kv: number) => Guess;
  noLoadAmps: (kv: number) => Guess;
  fullLoadAmps: (ohms: number) => Guess;
}

/** A motor by its can and its turns, as far as a name, a mass and a sheet tell them (engineering notes, 5, 9 and 10). */
export function usualMotor(part: MotorSpec): UsualMotor {
  const can = usualCan(part);
  const { motorKind, turns } = part;
  const torque = (kv: number) => 60 / (2 * Math.PI * kv);
  return {
    kv: turns
      ? {
          value: turnsPerVolt[motorKind] / turns.value,
          least: 0.75,
          most: 1.25,
          note: `usual for ${turns.value} turns, rule of thumb`,
        }
      : { ...can.kv, note: 'usual for its size, rule of thumb' },
    ohms: (kv) => ({
      value: (torque(kv) / can.strength) ** 2,
      least: 0.6,
      most: 1.6,
      note: 'usual for its size and speed per volt, rule of thumb',
    }),
    noLoadAmps: (kv) => ({
      value: can.friction / torque(kv),
      least: 0.6,
      most: 1.6,
      note: 'usual for its size and speed per volt, rule of thumb',
    }),
    fullLoadAmps: (ohms) => ({
      value: fullShare * Math.sqrt(usualRise / (can.kelvinPerWatt * ohms)),
      least: 0.5,
      most: 1.8,
      note: 'by what its windings stand, rule of thumb',
      isPresumed: true,
    }),
  };
}

/** What is usual of a motor where its sheet is silent. */
export function presumedOfMotor(part: MotorSpec): PresumedFigure[] {
  const usual = usualMotor(part);
  const kv = part.kv?.value ?? usual.kv.value;
  return [
    ...(part.kv ? [] : [presumedBy('kv', usual.kv, 'high')]),
    ...(part.noLoadAmps ? [] : [presumedBy('noLoadAmps', usual.noLoadAmps(kv), 'high')]),
    ...(part.fullLoadAmps
      ? []
      : [presumedBy('fullLoadAmps', usual.fullLoadAmps(usual.ohms(kv).value), 'high')]),
  ];
}
