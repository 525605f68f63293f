import type { Term } from '../../check/finding';
import type { Rail } from '../../power/rails';
import { fittingSubject, type Missing } from '../rule';

/** The amps that each part asks of a rail, as terms. */
export function demandTerms(rail: Rail): Term[] {
  return rail.counted.map((one) => ({
    name: `${one.supply.fitted.fitting.name}${one.stalled ? ', stalled' : ''}`,
    value: one.amps,
    unit: 'A',
    provenance: one.provenance,
  }));
}

/** Parts on a rail whose sheets do not say what they draw. */
export function missingAmps(rail: Rail): Missing[] {
  return rail.missing.map(({ supply, missing }) => ({
    missing: `${missing} of the ${supply.fitted.fitting.name}`,
    subjects: [fittingSubject(supply.fitted.fitting.id)],
  }));
}
