/** Volts of one cell at the states that matter on the bench. */
export interface CellVolts {
  nominal: number;
  /** Full and rested: what limits are looked at. */
  full: number;
  /** Straight off the charger, for minutes; the same as `full` where the chemistry does not settle. */
  fresh: number;
  /** Lowest under load before the controller should cut. */
  cutoff: number;
  /** Damaged below this. */
  floor: number;
  /** Rest volts for storage; `undefined` where the chemistry is stored charged or not at all. */
  storage: number | undefined;
}

export const chemistries = ['LiPo', 'LiHV', 'Li-ion', 'LiFePO4', 'NiMH', 'lead-acid', 'dry cell'] as const;
export type Chemistry = (typeof chemistries)[number];

/** Usual cell volts by chemistry, as printed on cell sheets; the maker's sheet goes first. */
const table: Record<Chemistry, CellVolts> = {
  LiPo: { nominal: 3.7, full: 4.2, fresh: 4.2, cutoff: 3.3, floor: 3.0, storage: 3.8 },
  LiHV: { nominal: 3.8, full: 4.35, fresh: 4.35, cutoff: 3.3, floor: 3.0, storage: 3.85 },
  'Li-ion': { nominal: 3.6, full: 4.2, fresh: 4.2, cutoff: 3.0, floor: 2.5, storage: 3.75 },
  LiFePO4: { nominal: 3.2, full: 3.4, fresh: 3.65, cutoff: 2.8, floor: 2.5, storage: 3.3 },
  NiMH: { nominal: 1.2, full: 1.4, fresh: 1.5, cutoff: 1.0, floor: 0.9, storage: undefined },
  'lead-acid': { nominal: 2.0, full: 2.13, fresh: 2.13, cutoff: 1.75, floor: 1.7, storage: undefined },
  'dry cell': { nominal: 1.5, full: 1.6, fresh: 1.6, cutoff: 1.0, floor: 0.9, storage: undefined },
};

export const cellVolts = (chemistry: Chemistry): CellVolts => table[chemistry];

export const isLithium = (chemistry: Chemistry): boolean => chemistry.startsWith('Li');

/**
 * Chemistries whose full volts last only minutes under load: where their nominal volts are within a limit, the excess
 * of full over it is no more than good to know (engineering practice with receiver packs).
 */
export const settlesQuickly = (chemistry: Chemistry): boolean =>
  chemistry === 'NiMH' || chemistry === 'LiFePO4' || chemistry === 'dry cell';
