import 'reflect-metadata/lite';
import { IsIn, IsISO8601, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { NestedList } from '../../base/validation/nested-field';
import { PhotoField } from '../../base/validation/photo-field';
import { TextField } from '../../base/validation/text-field';

/** One figure read on the real model. */
export class LogReading {
  /** What was read: `topSpeed`, `heldVolts:rudder`. */
  @TextField({ most: 120 })
  what!: string;

  /** In the unit of what was read. */
  @IsNumber()
  @Min(-1e6)
  @Max(1e6)
  value!: number;

  /** 1 σ of the instrument, in the same unit; the usual one where not said. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1e6)
  error?: number;
}

export const entryKinds = ['outing', 'bench'] as const;

/** A day on the water or the road, or an evening at the bench, as it is looked back on. */
export class LogEntry {
  @TextField({ most: 60 })
  id!: string;

  @IsIn(entryKinds)
  kind!: (typeof entryKinds)[number];

  @IsISO8601()
  on!: string;

  @IsOptional()
  @TextField({ least: 0, most: 120 })
  place?: string;

  @IsOptional()
  @TextField({ least: 0, most: 120 })
  weather?: string;

  /** The pack that was in: a fitting. */
  @IsOptional()
  @TextField({ most: 60 })
  pack?: string;

  /** Minutes that it ran. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(6000)
  minutes?: number;

  /** Air, in degrees Celsius. */
  @IsOptional()
  @IsNumber()
  @Min(-40)
  @Max(60)
  air?: number;

  /** Charge put back afterwards, in Ah. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1000)
  chargeBack?: number;

  /** Volts of the pack, rested, before it was charged. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(200)
  restVolts?: number;

  /** Ohms inside the pack, as a charger or a meter for it reads them. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(10)
  packOhms?: number;

  /** The outing that it is held against: an id of the Trial's. */
  @IsOptional()
  @TextField({ most: 60 })
  outing?: string;

  @IsOptional()
  @TextField({ least: 0, most: 2000, lines: true })
  happened?: string;

  @IsOptional()
  @TextField({ least: 0, most: 2000, lines: true })
  changed?: string;

  /** What it cost, in the money of the Brief. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1e7)
  money?: number;

  /** What it looked like. */
  @PhotoField({ optional: true })
  photo?: string;

  @NestedList(() => LogReading, { most: 60 })
  readings!: LogReading[];
}
