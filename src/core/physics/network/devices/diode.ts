import type { Device, Wiring } from '../device';
import { twoPole } from './two-pole';

export interface DiodeValues {
  id: string;
  from: string;
  to: string;
  forwardVolts: number;
  ohms: number;
}

/** I = max(0, (V − forwardVolts)/ohms). */
export function diode({ id, from, to, forwardVolts, ohms }: DiodeValues, wiring: Wiring): Device {
  return twoPole(id, from, to, wiring, (volts) => {
    const over = volts - forwardVolts;
    return over > 0 ? { amps: over / ohms, siemens: 1 / ohms } : { amps: 0, siemens: 0 };
  });
}
