import { ArrayMaxSize, IsOptional, IsIn, IsInt, Max, Min } from 'class-validator';
import { connectorFamilyIds, type ConnectorFamilyId } from '../../connectors/families';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';
import { TextField } from '../../../base/validation/text-field';
import { NestedList } from '../../../base/validation/nested-field';

/** The kinds of control on a transmitter, and the kinds a function may want. */
export const controlKinds = ['centring', 'staying', 'twoPosition', 'threePosition', 'momentary'] as const;
export type ControlKind = (typeof controlKinds)[number];

/** What a transmitter may set on a channel. */
export const channelSettings = [
  'reverse',
  'sub-trim',
  'end points',
  'rate',
  'exponential',
  'curve',
  'speed',
  'fail-safe',
] as const;

export class ControlSpec {
  @TextField({ most: 40 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  @IsIn(controlKinds)
  kind!: ControlKind;
}

/** A hand-held transmitter; it has no ports in the model. */
export class TransmitterSpec extends PartBase {
  @IsIn(['transmitter'])
  kind!: 'transmitter';

  /** Radio link protocols it speaks; none where nobody knows yet. */
  @TextField({ most: 30, each: true })
  @ArrayMaxSize(20)
  protocols!: string[];

  @IsInt()
  @Min(1)
  @Max(32)
  channels!: number;

  /** How many channels, from the first, have end-point adjustment. */
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(32)
  endPointChannels?: number;

  /** Models that it remembers. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(1000)
  modelMemories?: number;

  /** Mixes of two channels that a person can set freely. */
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(100)
  freeMixes?: number;

  /** µs from the centre that 100 % is. */
  @FigureField({ least: 200, most: 800, optional: true })
  throwMicros?: Figure;

  /** What it can set on a channel. */
  @IsOptional()
  @IsIn(channelSettings, { each: true })
  @ArrayMaxSize(12)
  settings?: (typeof channelSettings)[number][];

  /** What it runs on itself. */
  @IsOptional()
  @TextField({ least: 0, most: 60 })
  ownCells?: string;

  /** The plug of its own pack or charger. */
  @IsOptional()
  @IsIn(connectorFamilyIds)
  ownPlug?: ConnectorFamilyId;

  @NestedList(() => ControlSpec, { most: 40 })
  controls!: ControlSpec[];
}
