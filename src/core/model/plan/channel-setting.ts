import {
  ArrayMaxSize,
  ArrayMinSize,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  Max,
  Min,
} from 'class-validator';
import { NestedField, NestedList } from '../../base/validation/nested-field';
import { TextField } from '../../base/validation/text-field';

/** Points of a curve that a person draws, from one end of the control to the other. */
export const curvePoints = 5;

/** How a function follows its control, whatever channels it reaches: what the transmitter does before it mixes. */
export class StickShape {
  /** Percent; below nothing it is quick about the centre. Beyond these it would turn back on itself. */
  @IsOptional()
  @IsNumber()
  @Min(-50)
  @Max(100)
  expo?: number;

  /** Percent of the full way that the function gets. */
  @IsOptional()
  @IsNumber()
  @Min(5)
  @Max(125)
  rate?: number;

  /** Percent at five places of the control, instead of a straight line. */
  @IsOptional()
  @IsNumber({}, { each: true })
  @Min(-100, { each: true })
  @Max(100, { each: true })
  @ArrayMinSize(curvePoints)
  @ArrayMaxSize(curvePoints)
  curve?: number[];
}

/** A share of a function in a channel that is not, or not only, its own. */
export class MixInput {
  @TextField({ most: 60 })
  function!: string;

  /** Percent of what the function is told; below nothing it works the other way. */
  @IsNumber()
  @Min(-150)
  @Max(150)
  percent!: number;
}

/** Pulses that were read on a port, in µs. */
export class MeasuredPulses {
  @IsOptional()
  @IsNumber()
  @Min(500)
  @Max(2500)
  low?: number;

  @IsOptional()
  @IsNumber()
  @Min(500)
  @Max(2500)
  centre?: number;

  @IsOptional()
  @IsNumber()
  @Min(500)
  @Max(2500)
  high?: number;
}

export const failSafes = ['hold', 'off', 'position'] as const;
export type FailSafe = (typeof failSafes)[number];

/** What the transmitter is set to on one channel. What is left out stands as in a fresh memory. */
export class ChannelSetting {
  @IsInt()
  @Min(1)
  @Max(32)
  channel!: number;

  @IsOptional()
  @IsBoolean()
  isReversed?: boolean;

  /** The transmitter that it is a channel of; the first one where nothing is said. */
  @IsOptional()
  @TextField({ most: 60 })
  transmitter?: string;

  /** Whether it was read off the transmitter as it stands; what is planned has still to be set there. */
  @IsOptional()
  @IsBoolean()
  isRead?: boolean;

  /** µs beside the centre. */
  @IsOptional()
  @IsNumber()
  @Min(-250)
  @Max(250)
  subTrim?: number;

  /** End point of short pulses, in percent of the usual way. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(150)
  lowEnd?: number;

  /** End point of long pulses, in percent of the usual way. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(150)
  highEnd?: number;

  /** Seconds from one end to the other. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(30)
  slowSeconds?: number;

  /** What the receiver does with it when the link is lost. */
  @IsOptional()
  @IsIn(failSafes)
  failSafe?: FailSafe;

  /** Where it goes then, in percent from −100 to 100. */
  @IsOptional()
  @IsNumber()
  @Min(-150)
  @Max(150)
  failSafePercent?: number;

  /** Functions that have a share in it; the one whose channel it is has all of itself where it is not named. */
  @NestedList(() => MixInput, { most: 8, optional: true })
  mix?: MixInput[];

  /** Whether a sum beyond full is shared out over all that are mixed with it, and not cut off. */
  @IsOptional()
  @IsBoolean()
  isShared?: boolean;

  @NestedField(() => MeasuredPulses, { optional: true })
  measured?: MeasuredPulses;
}
