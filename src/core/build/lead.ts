import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { pinNames, type PinName } from '../parts/port';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';

export const wireColours = [
  'red',
  'black',
  'brown',
  'orange',
  'yellow',
  'white',
  'blue',
  'green',
  'grey',
] as const;
export type WireColour = (typeof wireColours)[number];

/** One end of a lead: a port of a fitting. */
export class PortRef {
  @IsString()
  @Length(1, 60)
  fitting!: string;

  @IsString()
  @Length(1, 40)
  port!: string;
}

/** One wire of a lead: from a contact at one end to a contact at the other. */
export class Conductor {
  @IsIn(pinNames)
  from!: PinName;

  @IsIn(pinNames)
  to!: PinName;

  @IsIn(wireColours)
  colour!: WireColour;

  /** `lifted`: taken out of its housing and insulated, so that it joins nothing. */
  @IsIn(['whole', 'lifted'])
  state!: 'whole' | 'lifted';
}

/** What joins two ports, conductor by conductor. */
export class Lead {
  @IsString()
  @Length(1, 60)
  id!: string;

  @ValidateNested()
  @Type(() => PortRef)
  from!: PortRef;

  @ValidateNested()
  @Type(() => PortRef)
  to!: PortRef;

  @ValidateNested({ each: true })
  @Type(() => Conductor)
  @ArrayMinSize(1)
  @ArrayMaxSize(12)
  conductors!: Conductor[];

  /** Length of the run one way, in metres. */
  @FigureField({ least: 0.005, most: 50, optional: true })
  metres?: Figure;

  /** Conductor size, American wire gauge. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(40)
  awg?: number;
}
