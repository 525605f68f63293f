import { IsBoolean, IsIn, IsOptional } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';

export const motorKinds = ['brushed', 'brushless'] as const;
export type MotorKind = (typeof motorKinds)[number];

/** Wires between controller and motor: two brushes, or three phases. */
export const phaseCount: Record<MotorKind, number> = { brushed: 2, brushless: 3 };

/** A drive motor. Nets: `m1`, `m2`, and `m3` for brushless. */
export class MotorSpec extends PartBase {
  @IsIn(['motor'])
  kind!: 'motor';

  @IsIn(motorKinds)
  motorKind!: MotorKind;

  /** Unloaded speed per volt, rev/min per volt. */
  @FigureField({ least: 1, most: 50000, optional: true })
  kv?: Figure;

  /** Brushed: turns of its winding; fewer turns, faster, more current. */
  @FigureField({ least: 1, most: 200, optional: true })
  turns?: Figure;

  /** Amps at full throttle under its usual load. */
  @FigureField({ least: 0.05, most: 500, optional: true })
  fullLoadAmps?: Figure;

  /** Volts at which the amps at full load, and stalled, were taken. */
  @FigureField({ least: 1, most: 120, optional: true })
  fullLoadVolts?: Figure;

  @FigureField({ least: 0.1, most: 2000, optional: true })
  stallAmps?: Figure;

  /** Ohms from one wire to another through the windings. */
  @FigureField({ least: 0.0005, most: 100, optional: true })
  windingOhms?: Figure;

  /** Amps with nothing to turn, at its usual volts. */
  @FigureField({ least: 0.005, most: 100, optional: true })
  noLoadAmps?: Figure;

  @FigureField({ least: 1, most: 120, optional: true })
  maxVolts?: Figure;

  /** Most revolutions per minute that its bearings and its rotor stand. */
  @FigureField({ least: 100, most: 300000, optional: true })
  maxSpeed?: Figure;

  /** It tells its controller how its rotor stands. */
  @IsOptional()
  @IsBoolean()
  sensored?: boolean;

  @FigureField({ least: 0.0005, most: 0.05, optional: true })
  shaftDiameter?: Figure;
}
