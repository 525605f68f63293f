import type { Reading } from '../../reading/build-reading/reading';
import { justChanged, type Fault } from './fault';
import { leadFaults, portFaults, swappedLoads } from './lead-faults';
import { nothingWrong, partFaults } from './part-faults';
import { radioFaults } from './radio-faults';

/**
 * Every single thing that may be wrong with this very model, each with its weight.
 * @param changed fittings and leads that were worked on last
 */
export function candidateFaults(context: Reading, changed: ReadonlySet<string> = new Set()): Fault[] {
  return [
    ...leadFaults(context),
    ...portFaults(context),
    ...swappedLoads(context),
    ...partFaults(context),
    ...radioFaults(context),
    nothingWrong,
  ].map((fault) =>
    fault.touches.some((id) => changed.has(id)) ? { ...fault, weight: fault.weight * justChanged } : fault,
  );
}
