import { IsIn } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';

export const loadForms = [
  'pump',
  'lamps',
  'horn',
  'videoSender',
  'camera',
  'smoke',
  'fan',
  'sound',
  'electronics',
  'capacitor',
] as const;
export type LoadForm = (typeof loadForms)[number];

/** A pump, a lamp board, a horn, a video sender, or a capacitor across the rail. Nets: `plus`, `minus`, and `signal` where it listens to a channel itself. */
export class LoadSpec extends PartBase {
  @IsIn(['load'])
  kind!: 'load';

  @IsIn(loadForms)
  form!: LoadForm;

  @FigureField({ least: 0, most: 60, optional: true })
  minVolts?: Figure;

  @FigureField({ least: 0.5, most: 60, optional: true })
  maxVolts?: Figure;

  /** Amps while it works, at its usual volts. */
  @FigureField({ least: 0, most: 100, optional: true })
  amps?: Figure;

  /** Capacitors: what they hold, in farads. */
  @FigureField({ least: 1e-6, most: 100, optional: true })
  farads?: Figure;
}
