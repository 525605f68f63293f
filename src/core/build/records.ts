import { IsISO8601, IsNumber, IsOptional, IsString, Length, MaxLength } from 'class-validator';

/** A finding that the person knows of and lives with. It lapses when the margin gets worse. */
export class Acceptance {
  @IsString()
  @Length(1, 300)
  finding!: string;

  /** Why; required for a `stop`. */
  @IsOptional()
  @IsString()
  @MaxLength(500)
  reason?: string;

  /** The margin that was accepted, in the finding's unit. */
  @IsNumber()
  margin!: number;

  @IsISO8601()
  on!: string;
}

/** A step of the fit-out that was done, as it read at the time. */
export class Tick {
  @IsString()
  @Length(1, 200)
  step!: string;

  /** What the step said when it was ticked; another text later means: look again. */
  @IsString()
  @MaxLength(1000)
  said!: string;

  /** What was measured, in the step's unit. */
  @IsOptional()
  @IsNumber()
  reading?: number;

  @IsISO8601()
  on!: string;
}
