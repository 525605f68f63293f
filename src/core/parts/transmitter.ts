import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsOptional,
  IsIn,
  IsInt,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { PartBase } from './part-base';

/** The kinds of control on a transmitter, and the kinds a function may want. */
export const controlKinds = ['centring', 'staying', 'twoPosition', 'threePosition', 'momentary'] as const;
export type ControlKind = (typeof controlKinds)[number];

export class ControlSpec {
  @IsString()
  @Length(1, 40)
  id!: string;

  @IsString()
  @Length(1, 60)
  name!: string;

  @IsIn(controlKinds)
  kind!: ControlKind;
}

/** A hand-held transmitter; it has no ports in the model. */
export class TransmitterSpec extends PartBase {
  @IsIn(['transmitter'])
  kind!: 'transmitter';

  @IsString({ each: true })
  @Length(1, 30, { each: true })
  @ArrayMinSize(1)
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

  @ValidateNested({ each: true })
  @Type(() => ControlSpec)
  @ArrayMaxSize(40)
  controls!: ControlSpec[];
}
