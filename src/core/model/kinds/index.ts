import type { PartKind, PartSpec } from './part-spec';
import { bodyFields, type SheetField } from '../parts/sheet-field';
import type { Terminals } from '../parts/terminals';
import { becKind } from './bec/bec-kind';
import { boardKind } from './board/board-kind';
import { cableKind } from './cable/cable-kind';
import { controllerKind } from './controller/controller-kind';
import { electronicSwitchKind } from './electronic-switch/electronic-switch-kind';
import type { Kind } from './kind';
import { loadKind } from './load/load-kind';
import { motorKind } from './motor/motor-kind';
import { packKind } from './pack/pack-kind';
import { receiverKind } from './receiver/receiver-kind';
import { servoKind } from './servo/servo-kind';
import { transmitterKind } from './transmitter/transmitter-kind';

/** Every kind of part, in the order of the locker. */
export const kinds: { readonly [K in PartKind]: Kind<K> } = {
  pack: packKind,
  controller: controllerKind,
  bec: becKind,
  motor: motorKind,
  servo: servoKind,
  receiver: receiverKind,
  transmitter: transmitterKind,
  load: loadKind,
  electronicSwitch: electronicSwitchKind,
  cable: cableKind,
  board: boardKind,
};

/** A kind's description, for a part of which no more is known than that it is of that kind. */
export const kindOfAny = (part: PartSpec): Kind<PartKind> => kinds[part.kind] as unknown as Kind<PartKind>;

/** The electrical ends of a part. */
export const terminalsOf = (part: PartSpec): Terminals => kindOfAny(part).terminals(part);

/** The net on which a part listens to a receiver channel, if it does. */
export const signalNetOf = (part: PartSpec): string | undefined => kindOfAny(part).signal(part);

/** The net that a part's signal is measured against. */
export const signalGroundOf = (part: PartSpec): string | undefined =>
  kindOfAny(part).signalGround?.(part) ?? terminalsOf(part).consumes[0]?.minus;

/** The figures that a sheet of this part has room for, in reading order. */
export const sheetFields = (part: PartSpec): SheetField[] => [
  ...kindOfAny(part).fields(part),
  ...bodyFields(),
];
