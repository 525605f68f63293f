import { settlesQuickly } from '../../model/packs/chemistry';
import { byState, type PackState, type VoltsByState } from '../../model/packs/pack-state';
import type { Fitted } from '../../model/kinds/fitted';
import type { Rail } from '../../reading/survey/rails';
import { terminalsOf } from '../../model/kinds';
import { packVoltsByState, settlesWithin, type CellStack } from '../../model/packs/pack-volts';
import type { ControllerSpec } from '../../model/kinds/controller/controller';
import { leastSoldVolts } from '../../model/kinds/least-sold';
import type { PartKind, PartSpec } from '../../model/kinds/part-spec';
import type { Figure } from '../../base/validation/figure';
import { isOver, isUnder, readAlike } from '../../base/quantity/compare';
import { cautiousFloor } from '../../model/kinds/receiver/usual-receiver';
import { atLeast, atMost, type Limit } from './limit';

/** Volts that a part is given: in each state of the packs, and the cells where they come straight from cells of one kind. */
export interface GivenVolts {
  volts: VoltsByState;
  cells?: CellStack | undefined;
}

export const fromCells = (cells: CellStack): GivenVolts => ({ volts: packVoltsByState(cells), cells });
export const fromRegulator = (volts: number): GivenVolts => ({ volts: byState(() => volts) });

/** Volts with packs full and rested against the most of a sheet; a little over while cells are fresh is ordinary. */
export function mostVolts(
  { volts, cells }: GivenVolts,
  most: number,
): Limit<'tooManyVolts' | 'slightlyOver'> {
  const limit = atMost(volts.full, most, 'V', 'tooManyVolts' as const);
  const isFresh = limit.passed !== undefined && cells !== undefined && settlesWithin(cells, most);
  return isFresh ? { ...limit, passed: 'slightlyOver' } : limit;
}

/** Volts that are left at a part against the least of its sheet. */
export const leastVolts = (left: number, least: number): Limit<'tooFewVolts'> =>
  atLeast(left, least, 'V', 'tooFewVolts');

/** What a servo keeps of the least of its label while its rail sags for a second under load: rule of thumb. */
const servoSag = 0.9;

/** The least volts that a part needs at the worst second: a servo whose rail stands at its label works a little below it. */
export const leastAtWorst = (kind: PartKind, printed: number, still: number): number =>
  kind === 'servo' && !isUnder(still, printed, 'V') ? servoSag * printed : printed;

/**
 * The state of the packs that a receiver must still be awake in: dry cells and those of nickel or iron phosphate stay at
 * their usual volts for most of their charge, and are changed or charged before their end.
 */
export const wakingState = ({ cells }: GivenVolts): PackState =>
  cells && settlesQuickly(cells.chemistry) ? 'nominal' : 'cutoff';

/**
 * The floor that a receiver's label means: one that prints just the usual volts of the cells it is fed from names the
 * pack, and works as far down as others do.
 */
export const floorMeant = ({ volts, cells }: GivenVolts, printed: number): number =>
  cells && readAlike(volts.nominal, printed, 'V') ? Math.min(printed, cautiousFloor) : printed;

/** Volts with nothing drawn against the floor of a receiver. */
export function receiverFloor(given: GivenVolts, printed: number): Limit<'receiverStarved' | 'fades'> {
  const floor = floorMeant(given, printed);
  const awake = atLeast(given.volts[wakingState(given)], floor, 'V', 'receiverStarved' as const);
  return awake.passed ? awake : atLeast(given.volts.cutoff, floor, 'V', 'fades' as const);
}

/** Cells in series against those of a controller's sheet; `undefined` where it counts none of this chemistry. */
export function cellsOnController(
  { cellLimits }: ControllerSpec,
  { chemistry, cells }: CellStack,
): Limit<'tooManyCells' | 'tooFewCells'> | undefined {
  const own = cellLimits?.find((each) => each.chemistry === chemistry);
  if (!own) return undefined;
  const most = atMost(cells, own.most, 'cells', 'tooManyCells' as const);
  return most.passed ? most : atLeast(cells, own.least ?? 0, 'cells', 'tooFewCells' as const);
}

/** The least and the most volts of a sheet where its part takes power. */
export function voltsOfSheet(part: PartSpec): { least: Figure | undefined; most: Figure | undefined } {
  const [input] = terminalsOf(part).consumes;
  return { least: input?.minVolts, most: part.kind === 'motor' ? part.maxVolts : input?.maxVolts };
}

/**
 * Whether a part is known to stand what it would be given, full and run down. What its sheet does not say stands nothing:
 * who offers a part must know.
 */
export function standsVolts(part: PartSpec, given: GivenVolts): boolean {
  const counted = part.kind === 'controller' && given.cells && cellsOnController(part, given.cells);
  if (counted) return counted.passed === undefined;
  const { least, most } = voltsOfSheet(part);
  if (!most || mostVolts(given, most.value).passed === 'tooManyVolts') return false;
  return !isUnder(given.volts.cutoff, least?.value ?? 0, 'V');
}

/** Whether a part is known to work on what it would be given: it stands it, and its sheet says from how many volts on. */
export const worksOn = (part: PartSpec, given: GivenVolts): boolean =>
  voltsOfSheet(part).least !== undefined && standsVolts(part, given);

/**
 * The most volts that a part may be given: its sheet's, or where that is silent the least that such a part is sold for.
 * What is not known never counts as boundless.
 */
export function mostToGive(part: PartSpec): { volts: number; isStated: boolean } {
  const { most } = voltsOfSheet(part);
  if (most) return { volts: most.value, isStated: true };
  return { volts: leastSoldVolts(part), isStated: false };
}

/**
 * Volts between which everything on a rail may be given them, and the parts whose sheets do not say the most. A part that
 * needs more than another one stands cannot be served by that rail (a 12 V lamp beside servos): it does not count.
 */
export function railRange(rail: Pick<Rail, 'supplies'>): { least: number; most: number; silent: Fitted[] } {
  const given = rail.supplies.map(({ fitted, terminal }) => ({
    fitted,
    least: terminal.minVolts?.value ?? 0,
    most: terminal.maxVolts?.value ?? mostToGive(fitted.part).volts,
    isStated: terminal.maxVolts !== undefined,
  }));
  const most = Math.min(Infinity, ...given.map((each) => each.most));
  return {
    least: Math.max(0, ...given.map((each) => each.least).filter((least) => !isOver(least, most, 'V'))),
    most,
    silent: given.filter((each) => !each.isStated && each.most <= most).map(({ fitted }) => fitted),
  };
}
