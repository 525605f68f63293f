import type { ElementOfKind } from '../../physics/network/devices';

/** A part that draws its amps from some volts on, and less below them. */
export const plainLoad = (
  id: string,
  from: string,
  to: string,
  amps: number,
  kneeVolts: number,
): ElementOfKind<'currentLoad'> => ({ kind: 'currentLoad', id, from, to, amps, kneeVolts });
