import { isLithium, type Chemistry } from '../../packs/chemistry';
import { presumed, type PresumedFigure } from '../presumed';
import type { PackSpec } from './pack';

type Range = readonly [value: number, low: number, high: number];

/** Capacity of packs of which none is printed. Engineering notes, section 10. */
const usualAmpHours: Partial<Record<Chemistry, Range>> = {
  'dry cell': [2.4, 1.2, 2.8],
  'lead-acid': [7, 3, 12],
};
const otherAmpHours: Range = [3, 1.3, 5];

/** What is usual of a pack where its label is silent. Engineering notes, section 10. */
export const presumedOfPack = ({ chemistry, ampHours, dischargeRate }: PackSpec): PresumedFigure[] => [
  ...(ampHours
    ? []
    : [
        presumed(
          'ampHours',
          usualAmpHours[chemistry] ?? otherAmpHours,
          'low',
          'usual for a pack without a printed capacity',
        ),
      ]),
  ...(dischargeRate
    ? []
    : [
        isLithium(chemistry)
          ? presumed('dischargeRate', [20, 10, 40], 'low', 'usual for a lithium pack without a printed rate')
          : presumed('dischargeRate', [7, 5, 10], 'low', 'usual for such cells'),
      ]),
];
