import { cellVoltsAt } from './charge-curve';
import { cellVolts, settlesQuickly, type CellVolts, type Chemistry } from './chemistry';
import { byState, type VoltsByState } from './pack-state';

/** Cells of one chemistry in series: of a pack, or of several that stand in a row. */
export interface CellStack {
  chemistry: Chemistry;
  cells: number;
}

/** So many stacks of cells one after another, as one. */
export const inRow = <Stack extends CellStack>(stack: Stack, times: number): Stack => ({
  ...stack,
  cells: stack.cells * times,
});

/** Rounded to the microvolt: three cells of 4.2 V are 12.6 V, and not a hair over. */
const rounded = (volts: number): number => Math.round(volts * 1e6) / 1e6;

/** Open-circuit volts of a stack of cells in a state. */
export const packVolts = ({ chemistry, cells }: CellStack, state: keyof Omit<CellVolts, 'storage'>): number =>
  rounded(cellVolts(chemistry)[state] * cells);

/** Open-circuit volts of a stack of cells in each state that limits are looked at. */
export const packVoltsByState = (stack: CellStack): VoltsByState =>
  byState((state) => packVolts(stack, state));

/** Open-circuit volts of a stack of cells at some charge, 0 to 1. */
export const packVoltsAt = ({ chemistry, cells }: CellStack, charge: number): number =>
  rounded(cellVoltsAt(chemistry, charge) * cells);

/** How far a cell at rest may lie beside its storage volts. */
const storageSlack = { below: 0.05, above: 0.08 };

/** Rest volts of a stack of cells that is put away, and how far they may be off; `undefined` where its chemistry has none. */
export function storageVolts({
  chemistry,
  cells,
}: CellStack): { volts: number; least: number; most: number } | undefined {
  const { storage } = cellVolts(chemistry);
  if (storage === undefined) return undefined;
  return {
    volts: rounded(storage * cells),
    least: rounded((storage - storageSlack.below) * cells),
    most: rounded((storage + storageSlack.above) * cells),
  };
}

/** Cells of a chemistry that a voltage counts for, full, at least one: as a controller counts them at power-up. */
export const cellsCounted = (chemistry: Chemistry, fullVolts: number): number =>
  Math.max(1, Math.round(fullVolts / cellVolts(chemistry).full));

/** Whether a voltage that only fresh cells pass is no more than good to know: their nominal volts are within it. */
export const settlesWithin = (stack: CellStack, volts: number): boolean =>
  settlesQuickly(stack.chemistry) && packVolts(stack, 'nominal') <= volts;

/** Watt-hours of a pack at its nominal volts. */
export const wattHours = (pack: CellStack, ampHours: number): number => packVolts(pack, 'nominal') * ampHours;

/** Watt-hours in a kilogram of pack with its wrap and leads, by chemistry: rules of thumb. */
const wattHoursPerKilogram: Record<Chemistry, number> = {
  LiPo: 140,
  LiHV: 150,
  'Li-ion': 190,
  LiFePO4: 95,
  NiMH: 68,
  'lead-acid': 33,
  'dry cell': 130,
};

/** Kilograms of a pack of some watt-hours, by its chemistry. */
export const packKilograms = (chemistry: Chemistry, hours: number): number =>
  hours / wattHoursPerKilogram[chemistry];
