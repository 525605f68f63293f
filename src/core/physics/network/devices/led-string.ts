import type { Device, Wiring } from '../device';
import { twoPole } from './two-pole';

/** Lamps of light-emitting diodes in series, several strings side by side, each with its resistor. */
export interface LedStringValues {
  id: string;
  from: string;
  to?: string;
  ledsPerString: number;
  strings: number;
  ohms: number;
  forwardVolts: number;
}

/** I = strings·max(0, (V − ledsPerString·forwardVolts)/ohms). */
export function ledString(
  { id, from, to, ledsPerString, strings, ohms, forwardVolts }: LedStringValues,
  wiring: Wiring,
): Device {
  return twoPole(id, from, to, wiring, (volts) => {
    const over = volts - ledsPerString * forwardVolts;
    return over > 0 ? { amps: (strings * over) / ohms, siemens: strings / ohms } : { amps: 0, siemens: 0 };
  });
}
