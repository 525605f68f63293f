import { Branch } from '../branch';
import type { Device, Point, Wiring } from '../device';

/** Amps through a part by the volts across it, and how they change with them. */
export interface Characteristic {
  amps: number;
  siemens: number;
}

/** A part with two ends whose amps depend on nothing but the volts across it. */
export function twoPole(
  id: string,
  from: string,
  to: string | undefined,
  wiring: Wiring,
  characteristic: (volts: number) => Characteristic,
): Device {
  const [a, b] = [wiring.node(from), wiring.node(to ?? 'gnd')];
  const branch = new Branch(wiring, a, b, [a, b]);
  return {
    id,
    amps: (x) => characteristic(x[a]! - x[b]!).amps,
    stamp(point: Point) {
      const { amps, siemens } = characteristic(point.x[a]! - point.x[b]!);
      branch.amps(point, amps);
      branch.slope(point, 0, siemens);
      branch.slope(point, 1, -siemens);
    },
  };
}
