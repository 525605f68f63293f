import type { FreePort } from '../../model/plan/build-index';
import { goesTogether } from '../../model/connectors/mating';

/** Free ports of other parts for the same use as a free port; those whose plugs go together come first. */
export function plugTargets(free: readonly FreePort[], from: FreePort): FreePort[] {
  return free
    .filter(({ ref, port }) => ref.fitting !== from.ref.fitting && port.use === from.port.use)
    .sort((a, b) => Number(goes(b, from)) - Number(goes(a, from)));
}

/** Whether two ports join without an adapter: their plugs mate, or they are soldered. */
export function goes(freePort: FreePort, other: FreePort): boolean {
  return goesTogether(freePort.port.connector, other.port.connector);
}
