import type { Chemistry } from '../packs/chemistry';
import type { Guess } from './estimates';

/**
 * What is taken where a sheet is silent, with the range it may well lie in and the rule behind it: the one table of
 * them. Values that hang on other figures of the part are made where those are known.
 */
export const defaults = {
  ampHours: { value: 2.2, least: 0.5, most: 2, note: 'its sheet states none' },
  kv: { value: 1000, least: 0.4, most: 2.5, note: 'its sheet states none' },
  receiverAmps: { value: 0.08, least: 0.5, most: 2, note: 'usual for a receiver, rule of thumb' },
  loadAmps: { value: 0.3, least: 0.3, most: 3, note: 'its sheet states none' },
  switchAmps: { value: 0.01, least: 0.5, most: 3, note: 'usual for an electronic switch, rule of thumb' },
  controllerAmps: {
    value: 0.05,
    least: 0.4,
    most: 2,
    note: 'usual for a controller standing by, rule of thumb',
  },
  servoSeconds: { value: 0.16, least: 0.6, most: 1.6, note: 'usual for a standard servo, rule of thumb' },
  switchingDropout: { value: 0.8, least: 0.5, most: 1.6, note: 'usual for a switching BEC, rule of thumb' },
  linearDropout: { value: 1.1, least: 0.5, most: 1.6, note: 'usual for a linear BEC, rule of thumb' },
  switchingEfficiency: {
    value: 0.88,
    least: 0.87,
    most: 1.05,
    note: 'usual for a switching BEC, rule of thumb',
  },
  linearWatts: { value: 3, least: 0.6, most: 2, note: 'usual for a BEC without a heat sink, rule of thumb' },
  regulatorOhms: {
    value: 0.02,
    least: 0.5,
    most: 3,
    note: 'how far its volts give way under load, rule of thumb',
  },
} as const satisfies Record<string, Guess>;

/** Ohms of a controller's switches: 0.12 V at its label amps, rule of thumb. */
export const controllerOhms = (labelAmps: number | undefined): Guess => ({
  value: 0.12 / (labelAmps ?? 30),
  least: 0.5,
  most: 2,
  note: '0.12 V at its label amps, rule of thumb',
});

/** Ohm-hours of one fresh cell at room temperature: rules of thumb by chemistry. */
const ohmHours: Record<Exclude<Chemistry, 'NiMH'>, number> = {
  LiPo: 0.012,
  LiHV: 0.012,
  'Li-ion': 0.06,
  LiFePO4: 0.02,
  'lead-acid': 0.03,
  'dry cell': 0.375,
};

/** Ohm-hours of a NiMH cell by its size: AA, and the sub-C of drive packs. */
const nimhOhmHours = { small: 0.06, large: 0.018 };

/** Most ampere-hours that an AA cell of NiMH holds. */
const largestSmallCell = 2.6;

/** Ohms inside one cell, by chemistry and capacity. */
export function cellOhms(chemistry: Chemistry, ampHours: number): Guess {
  const hours =
    chemistry === 'NiMH'
      ? ampHours > largestSmallCell
        ? nimhOhmHours.large
        : nimhOhmHours.small
      : ohmHours[chemistry];
  return {
    value: hours / ampHours,
    least: 0.6,
    most: 2,
    note: 'usual for its chemistry and capacity, rule of thumb',
  };
}

/** Stall amps of a servo from its torque (N·m), unloaded speed (rad/s) and volts: 1.8·τ·ω₀/V, rule of thumb. */
export const stallAmps = (newtonMetres: number, radiansPerSecond: number, volts: number): Guess => ({
  value: (1.8 * newtonMetres * radiansPerSecond) / volts,
  least: 1.2 / 1.8,
  most: 2.7 / 1.8,
  note: '1.8 × torque × unloaded speed ÷ volts, rule of thumb',
});
