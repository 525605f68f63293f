import { IsNumber, Max, Min } from 'class-validator';

/** From the horn of a servo to the arm that it moves, as measured on the model: metres and degrees. */
export class Linkage {
  /** From the servo's shaft to the hole of the horn that the rod is in. */
  @IsNumber()
  @Min(0.001)
  @Max(0.5)
  hornRadius!: number;

  /** From the pivot of the arm to the hole that the rod is in. */
  @IsNumber()
  @Min(0.001)
  @Max(0.5)
  armRadius!: number;

  /** From shaft to pivot, along the rod. */
  @IsNumber()
  @Min(0.005)
  @Max(2)
  along!: number;

  /** From shaft to pivot, across the rod. */
  @IsNumber()
  @Min(-1)
  @Max(1)
  across!: number;

  /** Where the horn stands at the centre of the pulse: 90 is square to the rod. */
  @IsNumber()
  @Min(1)
  @Max(179)
  hornDegrees!: number;

  /** Where the arm stands then. */
  @IsNumber()
  @Min(1)
  @Max(179)
  armDegrees!: number;

  /** Degrees that the arm may turn either way before it meets its stop. */
  @IsNumber()
  @Min(1)
  @Max(90)
  stopDegrees!: number;
}
