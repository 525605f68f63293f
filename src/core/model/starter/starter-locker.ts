import type { PartSpec } from '../kinds/part-spec';
import { boards } from './boards';
import { withBody } from './bodies';
import { cables } from './cable-parts';
import { electronicSwitches, loads } from './load-parts';
import { moreBecs, moreControllers, moreMotors, morePacks } from './more-power';
import { moreReceivers, moreTransmitters } from './more-radio';
import { moreServos } from './more-servos';
import { becs, controllers, motors, packs } from './power-parts';
import { receivers, servos, transmitters } from './radio-parts';

const sheets: readonly PartSpec[] = [
  ...packs,
  ...morePacks,
  ...controllers,
  ...moreControllers,
  ...becs,
  ...moreBecs,
  ...motors,
  ...moreMotors,
  ...servos,
  ...moreServos,
  ...receivers,
  ...moreReceivers,
  ...transmitters,
  ...moreTransmitters,
  ...loads,
  ...electronicSwitches,
  ...cables,
  ...boards,
];

/** Generic parts to begin with; makers and names are invented. */
export const starterLocker: readonly PartSpec[] = sheets.map(withBody);

/** A part of the starter locker by its id. @throws if there is none */
export function starterPart(id: string): PartSpec {
  const part = starterLocker.find((candidate) => candidate.id === id);
  if (!part) throw new Error(`starter locker has no part ${id}`);
  return part;
}
