import {
  ArrayMaxSize,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
} from 'class-validator';
import { controlKinds, type ControlKind } from '../parts/transmitter';

export const functionRoles = ['steer', 'drive', 'mechanism', 'pump', 'lights', 'sound'] as const;
export type FunctionRole = (typeof functionRoles)[number];

/** Something the model must do: the control it wants, the one it has, its channel and the parts it works. */
export class ModelFunction {
  @IsString()
  @Length(1, 60)
  id!: string;

  @IsString()
  @Length(1, 60)
  name!: string;

  @IsIn(functionRoles)
  role!: FunctionRole;

  @IsIn(controlKinds)
  wants!: ControlKind;

  /** The transmitter control given to it. */
  @IsOptional()
  @IsString()
  @Length(1, 40)
  control?: string;

  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(32)
  channel?: number;

  /** Its servos stand mirrored: one must turn the other way. */
  @IsOptional()
  @IsBoolean()
  mirrored?: boolean;

  /** When it is to be fitted: 1 now, 2 and 3 later; 1 where not said. */
  @IsOptional()
  @IsIn([1, 2, 3])
  stage?: 1 | 2 | 3;

  /** Shares its channel on purpose: a mix. */
  @IsOptional()
  @IsBoolean()
  mixed?: boolean;

  /** Fittings that this function works. */
  @IsString({ each: true })
  @ArrayMaxSize(20)
  devices!: string[];
}
