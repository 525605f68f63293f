import type { Device, Wiring } from '../device';

/** A lead, a contact, a fuse or a closed switch. */
export interface ResistorValues {
  id: string;
  from: string;
  to: string;
  ohms: number;
}

/** Least ohms that are told apart from none: keeps a perfect joint from swamping the numbers around it. */
const leastOhms = 1e-6;

/** I = ΔV/R. */
export function resistor({ id, from, to, ohms }: ResistorValues, wiring: Wiring): Device {
  const [a, b] = [wiring.node(from), wiring.node(to)];
  const siemens = 1 / Math.max(ohms, leastOhms);
  wiring.conductance(a, b, siemens);
  return { id, amps: (x) => (x[a]! - x[b]!) * siemens };
}
