import { ArrayMaxSize, IsBoolean, IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';
import { controlKinds, type ControlKind } from '../kinds/transmitter/transmitter';
import { NestedField } from '../../base/validation/nested-field';
import { TextField } from '../../base/validation/text-field';
import { StickShape } from './channel-setting';

const functionRoles = ['steer', 'drive', 'throttle', 'mechanism', 'pump', 'lights', 'sound'] as const;
export type FunctionRole = (typeof functionRoles)[number];

/** Something the model must do: the control it wants, the one it has, its channel and the parts it works. */
export class ModelFunction {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  @IsIn(functionRoles)
  role!: FunctionRole;

  @IsIn(controlKinds)
  wants!: ControlKind;

  /** The transmitter that works it; where nothing is said, the one that its parts hear, or else the first. */
  @IsOptional()
  @TextField({ most: 60 })
  transmitter?: string;

  /** The transmitter control given to it. */
  @IsOptional()
  @TextField({ most: 40 })
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

  /** How it follows its control. */
  @NestedField(() => StickShape, { optional: true })
  shape?: StickShape;

  /** Fittings, or components of fitted boards, that this function works. */
  @TextField({ most: 81, each: true })
  @ArrayMaxSize(20)
  devices!: string[];
}

/** Whether a function makes the model go: a motor, or the servo on the throttle and brake of an engine. */
export const movesModel = ({ role }: Pick<ModelFunction, 'role'>): boolean =>
  role === 'drive' || role === 'throttle';
