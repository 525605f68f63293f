import { BecSpec } from './bec';
import { BoardSpec } from './board';
import { CableSpec } from './cable';
import { ControllerSpec } from './controller';
import { ElectronicSwitchSpec } from './electronic-switch';
import { LoadSpec } from './load';
import { MotorSpec } from './motor';
import { PackSpec } from './pack';
import { ReceiverSpec } from './receiver';
import { ServoSpec } from './servo';
import { TransmitterSpec } from './transmitter';

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
