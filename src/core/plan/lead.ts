import 'reflect-metadata';
import { IsBoolean, IsIn, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { pinNames, type PinName } from '../parts/port';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';
import { TextField } from '../validation/text-field';
import { NestedField, NestedList } from '../validation/nested-field';

const wireColours = ['red', 'black', 'brown', 'orange', 'yellow', 'white', 'blue', 'green', 'grey'] as const;
export type WireColour = (typeof wireColours)[number];

/** One end of a lead: a port of a fitting. */
export class PortRef {
  @TextField({ most: 60 })
  fitting!: string;

  @TextField({ most: 40 })
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
  @TextField({ most: 60 })
  id!: string;

  @NestedField(() => PortRef)
  from!: PortRef;

  @NestedField(() => PortRef)
  to!: PortRef;

  @NestedList(() => Conductor, { least: 1, most: 12 })
  conductors!: Conductor[];

  /** Length of the run one way, in metres. */
  @FigureField({ least: 0.005, most: 50, optional: true })
  metres?: Figure;

  /** Whether somebody has looked at the colours; the usual ones until then. */
  @IsOptional()
  @IsBoolean()
  coloursRead?: boolean;

  /** Conductor size, American wire gauge. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(40)
  awg?: number;

  /** Whether it is led through before its plug is fitted. */
  @IsOptional()
  @IsBoolean()
  isThreaded?: boolean;
}
