import type { Fitted } from '../fitted';
import { cellOhms, defaults } from '../defaults';
import type { Estimates } from '../estimates';

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
  const strings = part.parallel ?? 1;
  const ofCell = estimates.take(
    `${fitting.id}.cellOhms`,
    `ohms inside a cell of the ${fitting.name}`,
    part.cellOhms,
    cellOhms(part.chemistry, (part.ampHours?.value ?? defaults.ampHours.value) / strings),
  );
  const ohms = (ofCell * part.cells * coldFactor) / strings;
  const r1 = slowShare * ohms;
  const ampHours = estimates.take(
    `${fitting.id}.ampHours`,
    `capacity of the ${fitting.name}`,
    part.ampHours,
    defaults.ampHours,
  );
  return { ohms, r1, c1: slowSeconds / r1, ampHours };
}
