import type { UsualBody } from './body';
import { becBody } from './bec/bec-body';
import { boardBody } from './board/board-body';
import { cableBody } from './cable/cable-body';
import { controllerBody } from './controller/controller-body';
import { electronicSwitchBody } from './electronic-switch/electronic-switch-body';
import { loadBody } from './load/load-body';
import { motorBody } from './motor/motor-body';
import { packBody } from './pack/pack-body';
import { receiverBody } from './receiver/receiver-body';
import { servoBody } from './servo/servo-body';
import { transmitterBody } from './transmitter/transmitter-body';
import type { PartKind, PartSpec } from './part-spec';

/** Each kind as a body; apart from all else that is known of it, so that a size does not bring the whole network along. */
export const bodies: { readonly [K in PartKind]: UsualBody<K> } = {
  pack: packBody,
  controller: controllerBody,
  bec: becBody,
  motor: motorBody,
  servo: servoBody,
  receiver: receiverBody,
  transmitter: transmitterBody,
  load: loadBody,
  electronicSwitch: electronicSwitchBody,
  cable: cableBody,
  board: boardBody,
};

/** The body of a part of which no more is known than that it is of that kind. */
export const bodyOf = (part: PartSpec): UsualBody<PartKind> =>
  bodies[part.kind] as unknown as UsualBody<PartKind>;
