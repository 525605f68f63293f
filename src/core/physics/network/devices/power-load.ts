import type { Device, Wiring } from '../device';
import { twoPole } from './two-pole';

/** A part with a converter of its own: takes the same watts whatever the volts. */
export interface PowerLoadValues {
  id: string;
  from: string;
  to?: string;
  watts: number;
  minVolts: number;
}

/** I = watts/V at or above minVolts; below it a resistor of minVolts²/watts. */
export function powerLoad({ id, from, to, watts, minVolts }: PowerLoadValues, wiring: Wiring): Device {
  const siemens = watts / minVolts ** 2;
  return twoPole(id, from, to, wiring, (volts) =>
    volts >= minVolts
      ? { amps: watts / volts, siemens: -watts / volts ** 2 }
      : { amps: volts * siemens, siemens },
  );
}
