import type { Device, Wiring } from '../device';

export interface CapacitorValues {
  id: string;
  from: string;
  to: string;
  farads: number;
}

/** I = C·dV/dt; open in an operating point, and at 0 V when power comes up. */
export function capacitor({ id, from, to, farads }: CapacitorValues, wiring: Wiring): Device {
  const [a, b] = [wiring.node(from), wiring.node(to)];
  wiring.mass(a, a, farads);
  wiring.mass(b, b, farads);
  wiring.mass(a, b, -farads);
  wiring.mass(b, a, -farads);
  return { id, amps: () => 0 };
}
