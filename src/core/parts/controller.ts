import { Type } from 'class-transformer';
import { IsIn, IsOptional, ValidateNested } from 'class-validator';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';
import { motorKinds, type MotorKind } from './motor';
import { PartBase } from './part-base';
import { Regulator } from './regulator';

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

  /** What it draws with the motor still, in amps. */
  @FigureField({ least: 0, most: 2, optional: true })
  quiescentAmps?: Figure;

  @IsOptional()
  @ValidateNested()
  @Type(() => Regulator)
  regulator?: Regulator;
}
