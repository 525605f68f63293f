import { IsIn, IsOptional, ValidateBy } from 'class-validator';
import type { Figure } from '../quantity/figure';
import { FigureField } from '../validation/figure-field';
import { PartBase } from './part-base';
import { NestedList } from '../validation/nested-field';

/** What a servo's sheet says at one voltage. */
export class ServoPoint {
  @FigureField({ least: 1, most: 30 })
  volts!: Figure;

  /** Stall torque at the output shaft, newton-metres. */
  @FigureField({ least: 0.001, most: 100, optional: true })
  stallNewtonMetres?: Figure;

  @FigureField({ least: 0.01, most: 60, optional: true })
  stallAmps?: Figure;

  /** Seconds for a turn of sixty degrees with nothing to move, as sheets print speed. */
  @FigureField({ least: 0.01, most: 10, optional: true })
  sixtyDegreeSeconds?: Figure;

  /** Amps while moving its usual load. */
  @FigureField({ least: 0.005, most: 30, optional: true })
  runningAmps?: Figure;
}

/** A three-wire servo. Nets: `signal`, `plus`, `minus`. */
export class ServoSpec extends PartBase {
  @IsIn(['servo'])
  kind!: 'servo';

  @FigureField({ least: 1, most: 30, optional: true })
  minVolts?: Figure;

  @FigureField({ least: 1, most: 30, optional: true })
  maxVolts?: Figure;

  /** Wires on its lead: 3 where not said; 5 for toy servos without electronics of their own. */
  @IsOptional()
  @IsIn([3, 5])
  wires?: 3 | 5;

  /** The sheet, lowest volts first. */
  @NestedList(() => ServoPoint, { most: 8 })
  @ValidateBy({
    name: 'differentVolts',
    validator: {
      validate: (points: unknown) => !Array.isArray(points) || haveDifferentVolts(points as ServoPoint[]),
      defaultMessage: () => '$property must not hold the same volts twice',
    },
  })
  sheet!: ServoPoint[];
}

/** A sheet says one thing at one voltage. */
function haveDifferentVolts(points: readonly ServoPoint[]): boolean {
  const volts = points.map((point) => (point as Partial<ServoPoint> | null)?.volts?.value);
  return new Set(volts).size === volts.length;
}
