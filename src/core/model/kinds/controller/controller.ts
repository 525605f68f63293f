import { IsBoolean, ArrayMaxSize, IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';
import { chemistries, type Chemistry } from '../../packs/chemistry';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { controllerModes, type ControllerMode } from '../../parts/controller-modes';
import { motorKinds, phaseCount, type MotorKind } from '../motor/motor';
import { PartBase } from '../../parts/part-base';
import { Regulator } from '../../parts/regulator';
import { NestedField, NestedList } from '../../../base/validation/nested-field';

/** Kinds of motor that a controller drives; one for both has three motor wires, of which a brushed motor takes two. */
export const drivenKinds = [...motorKinds, 'both'] as const;
export type DrivenKinds = (typeof drivenKinds)[number];

/** Motor wires of a controller, by the kinds that it drives. */
export const wireCount = (drives: DrivenKinds): number =>
  phaseCount[drives === 'both' ? 'brushless' : drives];

/** Whether a controller drives motors of a kind. */
export const canDrive = ({ drives }: { drives: DrivenKinds }, kind: MotorKind | undefined): boolean =>
  drives === 'both' || drives === kind;

/** Whether a controller drives whatever another one does. */
export const drivesAll = (part: { drives: DrivenKinds }, other: { drives: DrivenKinds }): boolean =>
  part.drives === 'both' || part.drives === other.drives;

/** Where a stick stands for a controller to arm. */
export const armingPositions = ['centre', 'minimum'] as const;

/** How a controller's settings are made. */
export const programmings = ['stick', 'button', 'card', 'box'] as const;

export class TurnLimit {
  @IsInt()
  @Min(1)
  @Max(24)
  cells!: number;

  @FigureField({ least: 1, most: 200 })
  turns!: Figure;
}

/** Cells of a chemistry that a controller stands, as its sheet prints them. */
export class CellLimit {
  @IsIn(chemistries)
  chemistry!: Chemistry;

  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(24)
  least?: number;

  @IsInt()
  @Min(1)
  @Max(24)
  most!: number;
}

/** A speed controller (ESC). Nets: `power+`, `ground`, `bec+`, `signal`, `m1`, `m2`, `m3`. */
export class ControllerSpec extends PartBase {
  @IsIn(['controller'])
  kind!: 'controller';

  @IsIn(drivenKinds)
  drives!: DrivenKinds;

  @FigureField({ least: 1, most: 120, optional: true })
  minInputVolts?: Figure;

  @FigureField({ least: 1, most: 120, optional: true })
  maxInputVolts?: Figure;

  /** Cells it stands, where its sheet counts cells; they go before its volts. */
  @NestedList(() => CellLimit, { most: 8, optional: true })
  cellLimits?: CellLimit[];

  @FigureField({ least: 0.1, most: 500, optional: true })
  continuousAmps?: Figure;

  /** For a few seconds. */
  @FigureField({ least: 0.1, most: 2000, optional: true })
  burstAmps?: Figure;

  /** It takes a sensored motor's lead. */
  @IsOptional()
  @IsBoolean()
  sensored?: boolean;

  /** It switches its diodes on, and gives back what the motor makes while it slows. */
  @IsOptional()
  @IsBoolean()
  synchronous?: boolean;

  /** Where the stick must be for it to arm. */
  @IsOptional()
  @IsIn(armingPositions)
  armsAt?: (typeof armingPositions)[number];

  /** It turns its motor one way only. */
  @IsOptional()
  @IsBoolean()
  oneWay?: boolean;

  /** It has a hand switch on a short lead of its own. */
  @IsOptional()
  @IsBoolean()
  switchLead?: boolean;

  /** How its settings are made. */
  @IsOptional()
  @IsIn(programmings, { each: true })
  @ArrayMaxSize(4)
  programming?: (typeof programmings)[number][];

  /** Brushed: the lowest turns it drives, by LiPo cells; packs of another chemistry are compared by their volts. */
  @NestedList(() => TurnLimit, { most: 12, optional: true })
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

  /** Its receiver lead is isolated from its power leads: it takes its ground from the receiver alone. */
  @IsOptional()
  @IsBoolean()
  isolatedInput?: boolean;

  /** What it draws with the motor still, in amps. */
  @FigureField({ least: 0, most: 2, optional: true })
  quiescentAmps?: Figure;

  @NestedField(() => Regulator, { optional: true })
  regulator?: Regulator;
}
