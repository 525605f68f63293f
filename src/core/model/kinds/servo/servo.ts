import { IsIn, IsOptional, ValidateBy } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';
import { NestedList } from '../../../base/validation/nested-field';

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

/** Where the lead leaves the case. */
export const leadSides = ['at the shaft’s end', 'at the far end', 'from its side', 'from below'] as const;

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

  /** Degrees from end to end at the usual pulses. */
  @FigureField({ least: 10, most: 3000, optional: true })
  travelDegrees?: Figure;

  /** Teeth of its output shaft. */
  @FigureField({ least: 8, most: 40, optional: true })
  splineTeeth?: Figure;

  /** From the middle of the near mounting ear's hole to the middle of the shaft, in metres. */
  @FigureField({ least: 0.0005, most: 0.2, optional: true })
  earToShaft?: Figure;

  /** From the middle of the holes at one end to the middle of those at the other, along the servo, in metres. */
  @FigureField({ least: 0.005, most: 0.3, optional: true })
  earSpan?: Figure;

  /** From the underside of its ears to the bottom of its case, in metres. */
  @FigureField({ least: 0.001, most: 0.2, optional: true })
  underEars?: Figure;

  /** Radius of the horn hole that is used, in metres. */
  @FigureField({ least: 0.001, most: 0.2, optional: true })
  hornRadius?: Figure;

  /** Of its own lead, in metres. */
  @FigureField({ least: 0.005, most: 2, optional: true })
  leadLength?: Figure;

  @IsOptional()
  @IsIn(leadSides)
  leadSide?: (typeof leadSides)[number];

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

/** Whether a servo turns a drum, and not an arm; one whose travel is not stated does not. */
export const turnsDrum = ({ travelDegrees }: ServoSpec): boolean => (travelDegrees?.value ?? 0) > 360;

/** A sheet says one thing at one voltage. */
function haveDifferentVolts(points: readonly ServoPoint[]): boolean {
  const volts = points.map((point) => (point as Partial<ServoPoint> | null)?.volts?.value);
  return new Set(volts).size === volts.length;
}
