import type { PartSpec } from './part-spec';

/** A part in the locker: its sheet, whether one lies on the shelf, and what it costs. */
export interface LockerItem {
  part: PartSpec;
  /** `own`: on the shelf. `mightBuy`: thought of. `catalogue`: just known. */
  state: 'own' | 'mightBuy' | 'catalogue';
  /** In whole and hundredth units of the person's own money. */
  price?: number;
  /** A small photograph of the person's own, as a data address: it stays with the locker, no build takes it along. */
  photo?: string;
  /** Came with the application: its sheet is not changed, only copied. */
  isStarter: boolean;
}
