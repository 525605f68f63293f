import { IsIn } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';
import { Regulator } from '../../parts/regulator';
import { NestedField } from '../../../base/validation/nested-field';

/** A stand-alone BEC. Nets: `power+`, `ground`, `bec+`. */
export class BecSpec extends PartBase {
  @IsIn(['bec'])
  kind!: 'bec';

  @FigureField({ least: 1, most: 120, optional: true })
  minInputVolts?: Figure;

  @FigureField({ least: 1, most: 120, optional: true })
  maxInputVolts?: Figure;

  @NestedField(() => Regulator)
  regulator!: Regulator;
}
