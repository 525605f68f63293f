import type { Regulator } from '../parts/regulator';
import { estimated, weakestProvenance, type Figure } from '../quantity/figure';

/** Efficiency of a switching regulator whose sheet is silent: rule of thumb. */
const usualEfficiency = estimated(0.88, 'usual for a switching BEC');

/**
 * Amps a regulator can give at an input voltage: its label, or for a linear one what its heat allows,
 * min(maxAmps, maxWatts / (Vin − Vout)). Engineering notes, section 4.
 */
export function regulatorAmps(regulator: Regulator, inputVolts: number, outputVolts: number): Figure {
  const { maxAmps, maxWatts } = regulator;
  const drop = inputVolts - outputVolts;
  if (regulator.type !== 'linear' || !maxWatts || drop <= 0) return maxAmps;
  const byHeat = maxWatts.value / drop;
  if (byHeat >= maxAmps.value) return maxAmps;
  return { value: byHeat, provenance: weakestProvenance([maxWatts.provenance, maxAmps.provenance]) };
}

/** Amps drawn at the input of a regulator that gives `outputAmps`. */
export function regulatorInputAmps(
  regulator: Regulator,
  inputVolts: number,
  outputVolts: number,
  outputAmps: number,
): number {
  if (regulator.type === 'linear') return outputAmps;
  const efficiency = (regulator.efficiency ?? usualEfficiency).value;
  return (outputVolts * outputAmps) / (efficiency * inputVolts);
}
