import type { Fitted } from '../../build/build-index';
import type { Chemistry } from '../../packs/chemistry';
import type { Estimates, Guess } from '../estimates';

/** Milliohms times ampere-hours of one fresh cell at room temperature: rules of thumb by chemistry. */
const ohmHours: Record<Chemistry, number> = {
  LiPo: 0.012,
  LiHV: 0.012,
  'Li-ion': 0.06,
  LiFePO4: 0.02,
  NiMH: 0.06,
  'lead-acid': 0.03,
  'dry cell': 0.375,
};

/** Capacity taken where a sheet has none, in ampere-hours. */
const usualAmpHours = 2.2;

/** What a pack is apart from its charge. */
export interface PackValues {
  /** Of the whole pack, in ohms. */
  ohms: number;
  /** The slow part of its sag: ohms, and farads that make it take about half a minute. */
  r1: number;
  c1: number;
  ampHours: number;
}

/** Share of a pack's ohms that comes in slowly, and the seconds it takes: rules of thumb. */
const slowShare = 0.35;
const slowSeconds = 30;

/** Ohms and capacity of a pack. @param coldFactor what cold and age multiply its ohms by */
export function packValues(
  { fitting, part }: Fitted<'pack'>,
  estimates: Estimates,
  coldFactor: number,
): PackValues {
  const guess: Guess = {
    value: ohmHours[part.chemistry] / (part.ampHours?.value ?? usualAmpHours),
    least: 0.6,
    most: 2,
    note: 'usual for its chemistry and capacity, rule of thumb',
  };
  const cellOhms = estimates.take(
    `${fitting.id}.cellOhms`,
    `ohms inside a cell of the ${fitting.name}`,
    part.cellOhms,
    guess,
  );
  const ohms = cellOhms * part.cells * coldFactor;
  const r1 = slowShare * ohms;
  const ampHours = estimates.take(
    `${fitting.id}.ampHours`,
    `capacity of the ${fitting.name}`,
    part.ampHours,
    {
      value: usualAmpHours,
      least: 0.5,
      most: 2,
      note: 'its sheet states none',
    },
  );
  return { ohms, r1, c1: slowSeconds / r1, ampHours };
}
