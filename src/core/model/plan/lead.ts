import 'reflect-metadata/lite';
import { IsBoolean, IsIn, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { pinNames, type PinName } from '../parts/port';
import type { Figure } from '../../base/validation/figure';
import { FigureField } from '../../base/validation/figure-field';
import { TextField } from '../../base/validation/text-field';
import { NestedField, NestedList } from '../../base/validation/nested-field';

const wireColours = ['red', 'black', 'brown', 'orange', 'yellow', 'white', 'blue', 'green', 'grey'] as const;
export type WireColour = (typeof wireColours)[number];

/** One end of a lead: a port of a fitting. */
export class PortRef {
  @TextField({ most: 60 })
  fitting!: string;

  @TextField({ most: 40 })
  port!: string;
}

const wireStates = ['whole', 'lifted', 'cut', 'spliced'] as const;

/**
 * `lifted`: taken out of its housing and insulated; `cut`: cut through, both ends insulated; `spliced`: cut once, and
 * soldered together again.
 */
export type WireState = (typeof wireStates)[number];

/** One wire of a lead: from a contact at one end to a contact at the other. */
export class Conductor {
  @IsIn(pinNames)
  from!: PinName;

  @IsIn(pinNames)
  to!: PinName;

  @IsIn(wireColours)
  colour!: WireColour;

  @IsIn(wireStates)
  state!: WireState;
}

/** Whether a wire joins its two contacts. */
export const isJoined = ({ state }: Pick<Conductor, 'state'>): boolean =>
  state === 'whole' || state === 'spliced';

/** The wire joined again: put back where it was lifted, soldered where it was cut. */
export const joinedAgain = (wire: Conductor): Conductor =>
  isJoined(wire) ? wire : { ...wire, state: wire.state === 'cut' ? 'spliced' : 'whole' };

/** What is done to join a wire again, in words. */
export const joinedAgainWords = ({ state }: Pick<Conductor, 'state'>, name: string): string =>
  state === 'cut' ? `Solder the cut ${name} together` : `Put the ${name} back in`;

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
