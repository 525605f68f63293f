import 'reflect-metadata/lite';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { NestedField, NestedList } from '../../../base/validation/nested-field';
import { TextField } from '../../../base/validation/text-field';
import { BecSpec } from '../bec/bec';
import { ControllerSpec } from '../controller/controller';
import { ElectronicSwitchSpec } from '../electronic-switch/electronic-switch';
import { LoadSpec } from '../load/load';
import { PartBase } from '../../parts/part-base';
import { ReceiverSpec } from '../receiver/receiver';

/** What can sit on a board: sheets of the ordinary kinds, whose ports are the rows of the board. */
export const componentClasses = {
  receiver: ReceiverSpec,
  controller: ControllerSpec,
  bec: BecSpec,
  electronicSwitch: ElectronicSwitchSpec,
  load: LoadSpec,
} as const;

export type ComponentKind = keyof typeof componentClasses;
export const componentKinds = Object.keys(componentClasses) as ComponentKind[];
export type ComponentSpec = ReceiverSpec | ControllerSpec | BecSpec | ElectronicSwitchSpec | LoadSpec;

/** A copper trace inside a board: a component's own net, and the net of the board that it is one with. */
export class Trace {
  @TextField({ most: 40 })
  own!: string;

  @TextField({ most: 40 })
  net!: string;
}

/** One of the things that a board does, with its sheet and the rows that belong to it. */
export class Component {
  @TextField({ most: 20 })
  id!: string;

  @TextField({ most: 40 })
  name!: string;

  @NestedField(
    () => PartBase,
    {},
    {
      discriminator: {
        property: 'kind',
        subTypes: componentKinds.map((kind) => ({ name: kind, value: componentClasses[kind] })),
      },
      keepDiscriminatorProperty: true,
    },
  )
  part!: ComponentSpec;

  @NestedList(() => Trace, { most: 40 })
  traces!: Trace[];

  /** Ids of the board's ports that are this component's. */
  @IsArray()
  @ArrayMaxSize(40)
  @TextField({ most: 40, each: true })
  rows!: string[];
}

/** One wire that carries several channels, one after another: taken in, or given out. */
export class Stream {
  @TextField({ most: 40 })
  net!: string;

  @IsIn(['in', 'out'])
  flow!: 'in' | 'out';

  /** Net of the board that each channel of the stream is one with, the first channel first. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(32)
  @TextField({ most: 40, each: true })
  channels!: string[];
}

/**
 * A board with rows of labelled pins that does several things: receiver and controller in one, lights on two channels,
 * sound and drive, channels put onto one wire. Its rows are its ports; what is inside is read as parts of its own.
 */
export class BoardSpec extends PartBase {
  @IsIn(['board'])
  kind!: 'board';

  @NestedList(() => Component, { most: 24 })
  components!: Component[];

  @NestedList(() => Stream, { most: 4, optional: true })
  streams?: Stream[];

  /** Most amps that all its outputs may give together. */
  @FigureField({ least: 0.01, most: 500, optional: true })
  maxAmps?: Figure;
}
