import type { Device, Wiring } from '../device';
import { Regulator, type RegulatorValues } from './regulator';

/** A linear BEC: Iin = quiescentAmps + Iout; the volts it takes off become heat. */
export function linear(values: RegulatorValues, wiring: Wiring): Device {
  return new Regulator(values, wiring, (_, __, outAmps) => ({
    amps: outAmps,
    byInput: 0,
    byOutput: 0,
    byOutAmps: 1,
  }));
}
