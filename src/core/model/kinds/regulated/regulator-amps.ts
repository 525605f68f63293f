import type { Regulator } from '../../parts/regulator';
import { weakestProvenance, type Figure } from '../../../base/validation/figure';
import { defaults } from '../defaults';

/**
 * Amps a regulator can give for minutes: its label, or for a linear one what its heat allows,
 * min(maxAmps, maxWatts / (Vin − Vout)). For seconds it gives its label amps either way.
 * Engineering notes, section 4.
 * @param inputVolts with the packs full
 */
export function lastingAmps(regulator: Regulator, inputVolts: number, outputVolts: number): Figure {
  const { maxAmps, type } = regulator;
  const drop = inputVolts - outputVolts;
  if (type !== 'linear' || drop <= 0) return maxAmps;
  const { value: usualWatts, note } = defaults.linearWatts;
  const watts = regulator.maxWatts ?? { value: usualWatts, provenance: 'estimated' as const, note };
  const byHeat = watts.value / drop;
  if (byHeat >= maxAmps.value) return maxAmps;
  return { value: byHeat, provenance: weakestProvenance([watts.provenance, maxAmps.provenance]) };
}
