import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { connectorFamilyIds, type ConnectorFamilyId } from '../connectors/families';
import { genders, type Connector, type Gender } from '../connectors/mating';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';

export const portUses = ['power', 'servo', 'motor', 'load'] as const;
export type PortUse = (typeof portUses)[number];

export const pinNames = ['signal', 'plus', 'minus', 'a', 'b', 'c'] as const;
export type PinName = (typeof pinNames)[number];

/** One contact of a port, and the net inside the part that it belongs to. */
export class PinSpec {
  @IsIn(pinNames)
  name!: PinName;

  /** Contacts of one part that share a net are joined inside it. */
  @IsString()
  @Length(1, 40)
  net!: string;
}

class ConnectorSpec implements Connector {
  @IsIn(connectorFamilyIds)
  family!: ConnectorFamilyId;

  @IsIn(genders)
  gender!: Gender;
}

/** A place on a part where one lead goes: its connector, and its contacts in order. */
export class PortSpec {
  @IsString()
  @Length(1, 40)
  id!: string;

  @IsString()
  @Length(1, 60)
  name!: string;

  @IsIn(portUses)
  use!: PortUse;

  /** Whether power comes in here, goes out, or either (a receiver's ports). */
  @IsIn(['in', 'out', 'either'])
  flow!: 'in' | 'out' | 'either';

  @ValidateNested()
  @Type(() => ConnectorSpec)
  connector!: ConnectorSpec;

  @ValidateNested({ each: true })
  @Type(() => PinSpec)
  @ArrayMinSize(1)
  @ArrayMaxSize(12)
  pins!: PinSpec[];

  /** Receivers: the channel that this port carries, as the maker's port map says. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(32)
  channel?: number;

  /** Most amps that this port may give. */
  @FigureField({ least: 0.001, most: 500, optional: true })
  maxAmps?: Figure;
}
