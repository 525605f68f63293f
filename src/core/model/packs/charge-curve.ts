import type { Chemistry } from './chemistry';

/**
 * Rest volts of a cell at 0, 10, … 100 % of its charge: usual curves of each chemistry, rounded; rule of
 * thumb, not a maker's sheet.
 */
const curves: Record<Chemistry, readonly number[]> = {
  LiPo: [3.3, 3.68, 3.73, 3.77, 3.8, 3.84, 3.89, 3.95, 4.02, 4.1, 4.2],
  LiHV: [3.3, 3.7, 3.75, 3.79, 3.83, 3.88, 3.95, 4.03, 4.12, 4.22, 4.35],
  'Li-ion': [3.0, 3.35, 3.48, 3.55, 3.61, 3.68, 3.77, 3.87, 3.97, 4.07, 4.2],
  LiFePO4: [2.8, 3.15, 3.22, 3.25, 3.27, 3.29, 3.31, 3.32, 3.33, 3.35, 3.4],
  NiMH: [1.0, 1.2, 1.23, 1.24, 1.25, 1.26, 1.27, 1.285, 1.3, 1.33, 1.4],
  'lead-acid': [1.75, 1.9, 1.94, 1.97, 2.0, 2.02, 2.04, 2.06, 2.08, 2.1, 2.13],
  'dry cell': [0.9, 1.05, 1.13, 1.18, 1.22, 1.26, 1.3, 1.35, 1.41, 1.49, 1.6],
};

/** Rest volts of one cell. @param charge 0 (empty) to 1 (full), straight lines between the table's points */
export function cellVoltsAt(chemistry: Chemistry, charge: number): number {
  const curve = curves[chemistry];
  const at = Math.min(Math.max(charge, 0), 1) * (curve.length - 1);
  const below = Math.min(Math.floor(at), curve.length - 2);
  return curve[below]! + (at - below) * (curve[below + 1]! - curve[below]!);
}
