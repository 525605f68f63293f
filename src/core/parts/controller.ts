import { Type } from 'class-transformer';
import { ArrayMaxSize, IsIn, IsInt, IsOptional, Max, Min, ValidateNested } from 'class-validator';
import { chemistries, type Chemistry } from '../packs/chemistry';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';
import { motorKinds, type MotorKind } from './motor';
import { PartBase } from './part-base';
import { Regulator } from './regulator';

export const controllerModes = ['reverse', 'instantReverse', 'noReverse', 'brake', 'dragBrake'] as const;
export type ControllerMode = (typeof controllerModes)[number];

class TurnLimit {
  @IsInt()
  @Min(1)
  @Max(24)
  cells!: number;

  @FigureField({ least: 1, most: 200 })
  turns!: Figure;
}

/** A speed controller (ESC). Nets: `power+`, `ground`, `bec+`, `signal`, `m1`, `m2`, `m3`. */
export class ControllerSpec extends PartBase {
  @IsIn(['controller'])
  kind!: 'controller';

  @IsIn(motorKinds)
  drives!: MotorKind;

  @FigureField({ least: 1, most: 120, optional: true })
  minInputVolts?: Figure;

  @FigureField({ least: 1, most: 120, optional: true })
  maxInputVolts?: Figure;

  @FigureField({ least: 0.1, most: 500, optional: true })
  continuousAmps?: Figure;

  /** Brushed: the lowest turns it drives, by cells of the pack. */
  @IsOptional()
  @ValidateNested({ each: true })
  @Type(() => TurnLimit)
  @ArrayMaxSize(12)
  turnLimits?: TurnLimit[];

  /** What its throttle can be set to do. */
  @IsOptional()
  @IsIn(controllerModes, { each: true })
  @ArrayMaxSize(8)
  modes?: ControllerMode[];

  /** Chemistries that it has a cut-off for. */
  @IsOptional()
  @IsIn(chemistries, { each: true })
  @ArrayMaxSize(8)
  cutoffModes?: Chemistry[];

  /** What it draws with the motor still, in amps. */
  @FigureField({ least: 0, most: 2, optional: true })
  quiescentAmps?: Figure;

  @IsOptional()
  @ValidateNested()
  @Type(() => Regulator)
  regulator?: Regulator;
}
