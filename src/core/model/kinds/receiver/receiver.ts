import { ArrayMaxSize, IsBoolean, IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';
import { TextField } from '../../../base/validation/text-field';

/** What a receiver can tell back. */
export const telemetries = ['rail volts', 'pack volts', 'signal strength', 'temperature', 'current'] as const;

/** Net of a receiver's wire that carries all channels. */
export const serialNet = 'serial';

/** A receiver. Nets: `rail`, `ground`, one per channel (`ch1`, `ch2`, …), and `serial` where it has a port for all of them. */
export class ReceiverSpec extends PartBase {
  @IsIn(['receiver'])
  kind!: 'receiver';

  /** Radio link protocols it speaks; none where nobody knows yet. */
  @TextField({ most: 30, each: true })
  @ArrayMaxSize(20)
  protocols!: string[];

  @IsInt()
  @Min(1)
  @Max(32)
  channels!: number;

  /** The channel its port map gives to the throttle. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(32)
  throttleChannel?: number;

  /** One board with a speed controller, with no ports for ordinary servos. */
  @IsOptional()
  @IsBoolean()
  integrated?: boolean;

  @FigureField({ least: 1, most: 30, optional: true })
  minVolts?: Figure;

  @FigureField({ least: 1, most: 30, optional: true })
  maxVolts?: Figure;

  @FigureField({ least: 0, most: 5, optional: true })
  amps?: Figure;

  /** What it tells back to the transmitter. */
  @IsOptional()
  @IsIn(telemetries, { each: true })
  @ArrayMaxSize(8)
  telemetry?: (typeof telemetries)[number][];

  /** It gives all channels on one wire as well. */
  @IsOptional()
  @IsBoolean()
  serialOutput?: boolean;
}
