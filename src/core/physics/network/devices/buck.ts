import type { Device, Wiring } from '../device';
import { Regulator, type RegulatorValues } from './regulator';

export interface BuckValues extends RegulatorValues {
  /** Share of the input watts that comes out, 0 to 1. */
  efficiency: number;
}

/** Below these input volts the converter's own amps are no longer told by its watts. */
const leastInputVolts = 0.5;

/** A switching BEC: Iin = quiescentAmps + max(Vout, 0)·Iout/(efficiency·max(Vin, 0.5)). */
export function buck(values: BuckValues, wiring: Wiring): Device {
  return new Regulator(values, wiring, (vin, vout, outAmps) => {
    const input = values.efficiency * Math.max(vin, leastInputVolts);
    const output = Math.max(vout, 0);
    const amps = (output * outAmps) / input;
    return {
      amps,
      byInput: vin > leastInputVolts ? -amps / vin : 0,
      byOutput: vout > 0 ? outAmps / input : 0,
      byOutAmps: output / input,
    };
  });
}
