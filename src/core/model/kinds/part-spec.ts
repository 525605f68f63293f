import { BecSpec } from './bec/bec';
import { BoardSpec } from './board/board';
import { CableSpec } from './cable/cable';
import { ControllerSpec } from './controller/controller';
import { ElectronicSwitchSpec } from './electronic-switch/electronic-switch';
import { LoadSpec } from './load/load';
import { MotorSpec } from './motor/motor';
import { PackSpec } from './pack/pack';
import { ReceiverSpec } from './receiver/receiver';
import { ServoSpec } from './servo/servo';
import { TransmitterSpec } from './transmitter/transmitter';

/** The sheet of each kind of part. */
interface PartByKind {
  pack: PackSpec;
  controller: ControllerSpec;
  bec: BecSpec;
  motor: MotorSpec;
  servo: ServoSpec;
  receiver: ReceiverSpec;
  transmitter: TransmitterSpec;
  load: LoadSpec;
  electronicSwitch: ElectronicSwitchSpec;
  cable: CableSpec;
  board: BoardSpec;
}

export type PartKind = keyof PartByKind;
export type PartOfKind<K extends PartKind> = PartByKind[K];

/** A kind of part with its sheet. */
export type PartSpec = PartByKind[PartKind];

/** The class that validates each kind when data comes in. */
export const partClasses = {
  pack: PackSpec,
  controller: ControllerSpec,
  bec: BecSpec,
  motor: MotorSpec,
  servo: ServoSpec,
  receiver: ReceiverSpec,
  transmitter: TransmitterSpec,
  load: LoadSpec,
  electronicSwitch: ElectronicSwitchSpec,
  cable: CableSpec,
  board: BoardSpec,
} as const satisfies Record<PartKind, unknown>;

export const partKinds = Object.keys(partClasses) as PartKind[];
