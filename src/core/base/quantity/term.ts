import type { Provenance } from '../validation/figure';
import type { Unit } from './format';

/** One number that went into a verdict. */
export interface Term {
  name: string;
  value: number;
  unit: Unit;
  provenance: Provenance;
  note?: string;
}
