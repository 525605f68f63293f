import type { Device, Wiring } from '../device';
import { twoPole } from './two-pole';

/** A receiver, a lamp board, a horn: its amps once it has its volts. */
export interface CurrentLoadValues {
  id: string;
  from: string;
  to?: string;
  amps: number;
  kneeVolts: number;
}

/** I = amps·clamp(V/kneeVolts, 0, 1). */
export function currentLoad({ id, from, to, amps, kneeVolts }: CurrentLoadValues, wiring: Wiring): Device {
  return twoPole(id, from, to, wiring, (volts) => {
    if (volts <= 0) return { amps: 0, siemens: 0 };
    return volts < kneeVolts
      ? { amps: (amps * volts) / kneeVolts, siemens: amps / kneeVolts }
      : { amps, siemens: 0 };
  });
}
