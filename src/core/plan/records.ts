import { ArrayMaxSize, IsISO8601, IsNumber, IsOptional } from 'class-validator';
import { TextField } from '../validation/text-field';

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

  /** What the person wrote beside it: how it was set, which hole, what it sounded like. */
  @IsOptional()
  @TextField({ least: 0, most: 1000 })
  note?: string;

  /** What was measured, in the step's unit. */
  @IsOptional()
  @IsNumber()
  reading?: number;

  @IsISO8601()
  on!: string;
}
