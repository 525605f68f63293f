import { IsISO8601, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { TextField } from '../../base/validation/text-field';

/** What a reading on the real model made of an estimate. */
export class Measured {
  /** The estimate that it bears on: `model.rolling`. */
  @TextField({ most: 120 })
  estimate!: string;

  /** What the estimate is multiplied by, so that the Trial gives the reading. */
  @IsNumber()
  @Min(0.01)
  @Max(100)
  factor!: number;

  /** How sure it is: 1 σ of the logarithm of the factor. */
  @IsOptional()
  @IsNumber()
  @Min(0.0001)
  @Max(3)
  sigma?: number;

  /** What was read: `top speed 3.1 m/s`. */
  @TextField({ most: 120 })
  said!: string;

  @IsISO8601()
  on!: string;
}
