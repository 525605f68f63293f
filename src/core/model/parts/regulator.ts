import { ArrayMinSize, IsIn, IsNumber, Max, Min } from 'class-validator';
import { FigureField } from '../../base/validation/figure-field';
import type { Figure } from '../../base/validation/figure';

/** How a regulator makes its volts. */
export const regulatorTypes = ['switching', 'linear'] as const;

/** A battery eliminator circuit (BEC): built into a controller, or standing alone. */
export class Regulator {
  /** `switching` converts, `linear` burns the difference as heat. */
  @IsIn(regulatorTypes)
  type!: (typeof regulatorTypes)[number];

  /** Output volts it can be set to, lowest first; one entry where it is fixed. */
  @IsNumber({}, { each: true })
  @Min(1, { each: true })
  @Max(30, { each: true })
  @ArrayMinSize(1)
  voltsChoices!: number[];

  @FigureField({ least: 0.05, most: 60 })
  maxAmps!: Figure;

  /** Linear only: the heat it can shed, in watts. */
  @FigureField({ least: 0.1, most: 100, optional: true })
  maxWatts?: Figure;

  /** Volts that its input must stand above its output. */
  @FigureField({ least: 0.01, most: 5, optional: true })
  dropoutVolts?: Figure;

  /** Switching only: share of the input watts that comes out, 0 to 1. */
  @FigureField({ least: 0.3, most: 1, optional: true })
  efficiency?: Figure;
}
