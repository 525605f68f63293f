import 'reflect-metadata/lite';
import { IsBoolean, IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';
import { connectorFamilyIds, type ConnectorFamilyId } from '../connectors/families';
import { genders, type Connector, type Gender } from '../connectors/mating';
import type { Figure } from '../../base/validation/figure';
import { FigureField } from '../../base/validation/figure-field';
import { TextField } from '../../base/validation/text-field';
import { NestedField, NestedList } from '../../base/validation/nested-field';

const portUses = ['power', 'servo', 'motor', 'load', 'serial'] as const;
export type PortUse = (typeof portUses)[number];

export const pinNames = ['signal', 'plus', 'minus', 'a', 'b', 'c'] as const;
export type PinName = (typeof pinNames)[number];

/** One contact of a port, and the net inside the part that it belongs to. */
export class PinSpec {
  @IsIn(pinNames)
  name!: PinName;

  /** Contacts of one part that share a net are joined inside it. */
  @TextField({ most: 40 })
  net!: string;
}

class ConnectorSpec implements Connector {
  @IsIn(connectorFamilyIds)
  family!: ConnectorFamilyId;

  @IsIn(genders)
  gender!: Gender;

  /** Whether nobody has said which it is: the usual one of such a part. */
  @IsOptional()
  @IsBoolean()
  isAssumed?: boolean;
}

/** A place on a part where one lead goes: its connector, and its contacts in order. */
export class PortSpec {
  @TextField({ most: 40 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  @IsIn(portUses)
  use!: PortUse;

  /** Whether power comes in here, goes out, or either (a receiver's ports). */
  @IsIn(['in', 'out', 'either'])
  flow!: 'in' | 'out' | 'either';

  @NestedField(() => ConnectorSpec)
  connector!: ConnectorSpec;

  @NestedList(() => PinSpec, { least: 1, most: 12 })
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
