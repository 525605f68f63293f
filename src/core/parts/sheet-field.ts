/** One figure of a sheet as it is printed: its place in the part, its name, and the unit of the bench. */
export interface SheetField {
  path: string;
  label: string;
  unit: string;
  /** SI value of one bench unit: 0.001 Ah for a mAh, 0.0980665 N·m for a kg·cm. */
  scale: number;
}

/** Newton-metres of one kilogram-centimetre, from standard gravity. */
export const kilogramCentimetre = 0.0980665;

export const voltsField = (path: string, label: string): SheetField => ({ path, label, unit: 'V', scale: 1 });
export const ampsField = (path: string, label: string): SheetField => ({ path, label, unit: 'A', scale: 1 });
