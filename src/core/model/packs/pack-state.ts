/** Pack states at which limits are looked at: full for what burns, cut-off for what browns out. */
export type PackState = 'full' | 'nominal' | 'cutoff';
export type VoltsByState = Record<PackState, number>;

export const byState = (volts: (state: PackState) => number): VoltsByState => ({
  full: volts('full'),
  nominal: volts('nominal'),
  cutoff: volts('cutoff'),
});
