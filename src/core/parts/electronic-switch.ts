import { IsIn } from 'class-validator';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';
import { PartBase } from './part-base';

/**
 * A switch worked by a receiver channel. Nets: `signal`, `logic+`, `ground`, and `feed+`, which it passes
 * from its supply to its load when on (all checks take it as on, the worst case).
 */
export class ElectronicSwitchSpec extends PartBase {
  @IsIn(['electronicSwitch'])
  kind!: 'electronicSwitch';

  @FigureField({ least: 1, most: 30, optional: true })
  minVolts?: Figure;

  /** Most volts on its receiver lead. */
  @FigureField({ least: 1, most: 30, optional: true })
  maxVolts?: Figure;

  /** Most volts it can switch. */
  @FigureField({ least: 1, most: 60, optional: true })
  maxFeedVolts?: Figure;

  @FigureField({ least: 0, most: 2, optional: true })
  amps?: Figure;
}
