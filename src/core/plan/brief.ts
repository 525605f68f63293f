import { IsBoolean, IsIn, IsNumber, IsOptional, Max, Min } from 'class-validator';

export const driveArrangements = ['none', 'single', 'twin', 'tracks', 'four wheels'] as const;
export type DriveArrangement = (typeof driveArrangements)[number];

export const exposures = ['dry', 'dust', 'splash', 'wet'] as const;
export type Exposure = (typeof exposures)[number];

/** What the model must do and stand, before any part is chosen. */
export class Brief {
  @IsIn(driveArrangements)
  drive!: DriveArrangement;

  @IsIn(exposures)
  exposure!: Exposure;

  /** Ready to run, in kilograms. */
  @IsOptional()
  @IsNumber()
  @Min(0.01)
  @Max(500)
  kilograms?: number;

  /** As fast as it is geared, or as its hull runs, at full throttle on a nominal pack, in metres per second. */
  @IsOptional()
  @IsNumber()
  @Min(0.05)
  @Max(60)
  topSpeed?: number;

  /** Most money to spend, in whole units of the person's own money. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1_000_000)
  moneyLimit?: number;

  /** Gentle at low speed. */
  @IsBoolean()
  finesse!: boolean;

  @IsBoolean()
  dragBrake!: boolean;

  @IsBoolean()
  instantReverse!: boolean;

  /** Some race rules forbid reverse. */
  @IsBoolean()
  noReverse!: boolean;
}

export const defaultBrief = (): Brief => ({
  drive: 'single',
  exposure: 'dry',
  finesse: false,
  dragBrake: false,
  instantReverse: false,
  noReverse: false,
});
