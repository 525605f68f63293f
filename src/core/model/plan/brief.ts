import { IsBoolean, IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';

export const driveArrangements = ['none', 'single', 'twin', 'tracks', 'four wheels'] as const;
export type DriveArrangement = (typeof driveArrangements)[number];

export const exposures = ['dry', 'dust', 'splash', 'wet'] as const;
export type Exposure = (typeof exposures)[number];

/** What a model on wheels or tracks runs on. */
export const surfaces = ['asphalt', 'carpet', 'dirt', 'grass', 'sand', 'rock'] as const;
export type Surface = (typeof surfaces)[number];

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

  /** At full throttle at the volts that are usual for its kind, in m/s: what it is geared for where no ratio is known. */
  @IsOptional()
  @IsNumber()
  @Min(0.05)
  @Max(60)
  topSpeed?: number;

  /** Turns of the motor for one of the wheel, all gears together. */
  @IsOptional()
  @IsNumber()
  @Min(0.5)
  @Max(2000)
  gearRatio?: number;

  /** Of the wheel with its tyre, or of a track's sprocket, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.005)
  @Max(1)
  tyreDiameter?: number;

  @IsOptional()
  @IsIn(surfaces)
  surface?: Surface;

  /** Metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.005)
  @Max(0.5)
  screwDiameter?: number;

  /** Metres that the screw would go on in a turn without slip. */
  @IsOptional()
  @IsNumber()
  @Min(0.005)
  @Max(1)
  screwPitch?: number;

  /** Two, three or more: two give and take a fifth less. */
  @IsOptional()
  @IsInt()
  @Min(2)
  @Max(7)
  screwBlades?: number;

  /** Of one rudder, in square metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.0001)
  @Max(0.5)
  rudderArea?: number;

  /** All sails that one sheet holds, in square metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.001)
  @Max(10)
  sailArea?: number;

  /** Of the drum or the arm that a sheet runs on, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.001)
  @Max(0.5)
  drumRadius?: number;

  /** Width of a steered tyre, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.001)
  @Max(0.5)
  tyreWidth?: number;

  /** Share of the weight on the steered axle. */
  @IsOptional()
  @IsNumber()
  @Min(0.05)
  @Max(1)
  steeredShare?: number;

  /** Of a track on the ground, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.005)
  @Max(10)
  trackLength?: number;

  /** From the middle of one track to that of the other, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.005)
  @Max(10)
  gauge?: number;

  /** Length of the hull at the waterline, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.05)
  @Max(10)
  waterline?: number;

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
