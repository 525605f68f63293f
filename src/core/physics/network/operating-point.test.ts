import { describe, expect, it } from 'vitest';
import { operatingPointCases } from '../../../../tests/kit/cases';
import { operatingPoint } from './operating-point';
import { networkOf } from './reference-form';

describe('the operating point', () => {
  it.each(operatingPointCases)('of $name agrees within 0.2 %', ({ elements, expect: wanted }) => {
    const network = networkOf(elements, true);
    const found = operatingPoint(network);
    if (!found.ok) throw new Error(`does not settle at ${found.problem.at}`);
    for (const [name, volts] of Object.entries(wanted)) {
      const value = found.value.x[network.indexOf(name)!]!;
      expect(Math.abs(value - volts), `${name}: ${value}, not ${volts}`).toBeLessThan(
        0.002 * Math.abs(volts),
      );
    }
  });
});
