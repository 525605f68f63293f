import { IsBoolean, IsIn, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { Spot } from './spot';

/** How a part lies: as it stands on its sheet, on its side, or on its end. */
export const poses = ['flat', 'side', 'end'] as const;
export type Pose = (typeof poses)[number];

/** Degrees to port that its front, where most of its leads leave, is turned from the bow. */
export const turns = [0, 90, 180, 270] as const;
export type Turn = (typeof turns)[number];

/** What holds a part where it lies. */
export const holds = ['tape', 'strap', 'foam and strap', 'screws'] as const;
export type Hold = (typeof holds)[number];

/** Where a part lies in the model: the middle of its underside, in metres, and which way round. */
export class Placement extends Spot {
  @IsIn(turns)
  turn!: Turn;

  @IsIn(poses)
  pose!: Pose;

  @IsOptional()
  @IsIn(holds)
  hold?: Hold;

  /** Whether it lies in a box or a bag that keeps water out. */
  @IsOptional()
  @IsBoolean()
  isBoxed?: boolean;

  /** Screws: how far they reach into their boss, and how deep that is, in metres. */
  @IsOptional()
  @IsNumber()
  @Min(0.001)
  @Max(0.1)
  screwInto?: number;

  @IsOptional()
  @IsNumber()
  @Min(0.001)
  @Max(0.1)
  bossDepth?: number;
}
