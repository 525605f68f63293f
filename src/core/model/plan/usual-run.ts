import { estimated } from '../../base/validation/figure';
import type { FreePort } from './build-index';
import type { Lead } from './lead';
import { straightLead } from './straight-lead';

/** Usual run and gauge of a lead by what it is for, until somebody measures: rules of thumb. */
export const usualRun = {
  servo: { metres: 0.3, awg: 22 },
  power: { metres: 0.15, awg: 14 },
  motor: { metres: 0.15, awg: 14 },
  load: { metres: 0.2, awg: 20 },
  serial: { metres: 0.3, awg: 22 },
} as const;

/** A straight lead of the usual length for what it joins; its gauge stays unknown until somebody reads it. */
export function usualLead(id: string, from: FreePort, to: FreePort): Lead {
  const { metres } = usualRun[runKind(from, to)];
  return { ...straightLead(id, from, to), metres: estimated(metres, 'usual length of such a lead') };
}

/** What a lead is for: thin power leads end in small box plugs, and a receiver pack feeds through a servo plug. */
export function runKind(from: FreePort, to: FreePort): keyof typeof usualRun {
  if (from.port.use === 'servo') return from.port.flow === 'out' ? 'load' : 'servo';
  return from.port.use === 'power' && to.port.connector.family === 'box-25' ? 'load' : from.port.use;
}
