import { presumed, type PresumedFigure } from '../presumed';
import type { LoadForm, LoadSpec } from './load';

/** Amps of a load by what it does, where no sheet says, with the range that holds about 95 of 100. Engineering notes, section 10. */
const usualLoadAmps: Partial<Record<LoadForm, readonly [likely: number, low: number, high: number]>> = {
  lamps: [0.06, 0.02, 0.3],
  pump: [2, 1, 3],
  smoke: [3.5, 2, 6],
  sound: [0.5, 0.2, 1],
  horn: [0.3, 0.2, 0.5],
  fan: [0.15, 0.1, 0.2],
};

/** What is usual of a load where its label is silent. The same source. */
export function presumedOfLoad({ form, amps }: LoadSpec): PresumedFigure[] {
  const usual = usualLoadAmps[form];
  return amps || !usual ? [] : [presumed('amps', usual, 'high', 'usual for such a part')];
}
