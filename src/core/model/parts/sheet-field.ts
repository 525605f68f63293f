import { cellVolts } from '../packs/chemistry';

/** One figure of a sheet as it is printed: its place in the part, its name, and the unit of the bench. */
export interface SheetField {
  path: string;
  label: string;
  unit: string;
  /** SI value of one bench unit: 0.001 Ah for a mAh, 0.0980665 N·m for a kg·cm. */
  scale: number;
  /** Volts of one cell that a count of cells stands for, in a field of volts: full for a limit above, empty for one below. */
  cellVolts?: number;
}

/** Volts of the cells that sheets count in: LiPo, full, and where they are harmed. */
const { full: fullCell, floor: emptyCell } = cellVolts('LiPo');

export const voltsField = (path: string, label: string): SheetField => ({
  path,
  label,
  unit: 'V',
  scale: 1,
  cellVolts: path.startsWith('min') ? emptyCell : fullCell,
});
export const ampsField = (path: string, label: string): SheetField => ({ path, label, unit: 'A', scale: 1 });
export const millimetresField = (path: string, label: string): SheetField => ({
  path,
  label,
  unit: 'mm',
  scale: 0.001,
});

/** What any part weighs and measures. */
export const bodyFields = (): SheetField[] => [
  { path: 'kilograms', label: 'Weight', unit: 'g', scale: 0.001 },
  millimetresField('length', 'Length'),
  millimetresField('width', 'Width'),
  millimetresField('height', 'Height'),
];
