import type { ControllerSpec } from '../../model/kinds/controller/controller';
import type { MotorSpec } from '../../model/kinds/motor/motor';
import { turnsPerVolt, usualCan } from '../../model/kinds/motor/motor-cans';
import { packVolts } from '../../model/packs/pack-volts';
import { estimated, type Figure } from '../../base/validation/figure';
import { atLeast, atMost, type Limit } from './limit';

/** Speeds that rotors stand where a sheet is silent. Engineering notes, section 5. */
const usualMost = {
  brushed: estimated(30_000, 'usual for a brushed motor, rule of thumb'),
  brushless: estimated(60_000, 'usual for a two-pole brushless motor, rule of thumb'),
} satisfies Record<string, Figure>;

/** Volts of a full pack against the most of a motor's sheet. */
export const motorVolts = ({ maxVolts }: MotorSpec, full: number): Limit<'tooManyVolts'> | undefined =>
  maxVolts && atMost(full, maxVolts.value, 'V', 'tooManyVolts' as const);

/** Revolutions per minute that a motor stands: its sheet's, or usual for its kind. */
export const mostSpeed = ({ maxSpeed, motorKind }: MotorSpec): Figure => maxSpeed ?? usualMost[motorKind];

/** Speed with nothing to drive on a full pack against what the motor stands. */
export const motorSpeedLimit = (part: MotorSpec, full: number): Limit<'tooFast'> | undefined =>
  part.kv && atMost(part.kv.value * full, mostSpeed(part).value, 'rev/min', 'tooFast' as const);

/** Volts that may pass those of a row of turn limits: six NiMH cells are as two of LiPo. */
const rowSlack = 0.98;

/** Turns of a motor by its sheet, or by its speed per volt where its can is sold by turns; nothing of any other can. */
export function turnsOf(part: MotorSpec): Figure | 'notSoldByTurns' | undefined {
  if (part.turns) return part.turns;
  if (!usualCan(part).isSoldByTurns) return 'notSoldByTurns';
  return part.kv && estimated(turnsPerVolt.brushed / part.kv.value, 'by its speed per volt, rule of thumb');
}

/**
 * Turns of a brushed motor against the lowest that its controller drives at these volts. Turn limits are printed for LiPo
 * cells: the first row that the nominal volts do not pass counts.
 * @returns `noRow` where the sheet ends before these volts; nothing where no limit applies or the turns are not known
 */
export function motorTurns(
  part: MotorSpec,
  { turnLimits }: ControllerSpec,
  nominalVolts: number,
): { cells: number; least: Figure; limit: Limit<'tooFewTurns'> } | 'noRow' | undefined {
  const turns = turnsOf(part);
  if (part.motorKind !== 'brushed' || !turnLimits?.length || !turns || turns === 'notSoldByTurns')
    return undefined;
  const row = [...turnLimits]
    .sort((a, b) => a.cells - b.cells)
    .find(({ cells }) => packVolts({ chemistry: 'LiPo', cells }, 'nominal') >= nominalVolts * rowSlack);
  if (!row) return 'noRow';
  return {
    cells: row.cells,
    least: row.turns,
    limit: atLeast(turns.value, row.turns.value, 'turns', 'tooFewTurns' as const),
  };
}
