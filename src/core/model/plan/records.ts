import { ArrayMaxSize, IsISO8601, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { PhotoField } from '../../base/validation/photo-field';
import { TextField } from '../../base/validation/text-field';

/** Longest time that one step is counted for: whoever left the page open overnight did not work all night. */
export const mostMinutes = 120;

/** A finding that the person knows of and lives with. It lapses when the margin gets worse. */
export class Acceptance {
  @TextField({ most: 3000 })
  finding!: string;

  /** Why; required for a `stop`. */
  @IsOptional()
  @TextField({ least: 0, most: 500 })
  reason?: string;

  /** The margin that was accepted, in the finding's unit. */
  @IsNumber()
  margin!: number;

  @IsISO8601()
  on!: string;
}

/** A step of the fit-out that was done, as it read at the time. */
export class Tick {
  @TextField({ most: 200 })
  step!: string;

  /** What the step said when it was ticked; another text later means: look again. */
  @TextField({ least: 0, most: 1000 })
  said!: string;

  /** What the step rested on when it was ticked: the very parts it touches, as `fitting=part`. Other parts later mean: do it again. */
  @IsOptional()
  @TextField({ least: 1, most: 130, each: true })
  @ArrayMaxSize(200)
  basis?: string[];

  /** Why it was done though something held it. */
  @IsOptional()
  @TextField({ most: 500 })
  reason?: string;

  /** What was measured, in the step's unit. */
  @IsOptional()
  @IsNumber()
  reading?: number;

  /** Minutes at the bench that it took, as far as the page saw it. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(mostMinutes)
  minutes?: number;

  @IsISO8601()
  on!: string;
}

/** What the person keeps beside a step, done or not: how it was set, which hole, what it sounded and looked like. */
export class StepNote {
  @TextField({ most: 200 })
  step!: string;

  @TextField({ least: 0, most: 1000, lines: true })
  text!: string;

  @PhotoField({ optional: true })
  photo?: string;
}
