import type { ControlKind } from '../../model/kinds/transmitter/transmitter';

/** Steps of a proportional control: one per microsecond of the usual 1000 to 2000 µs. */
const proportionalSteps = 1000;
/** Positions that a control of a kind can take. */
export const positions: Record<ControlKind, number> = {
  centring: proportionalSteps,
  staying: proportionalSteps,
  twoPosition: 2,
  threePosition: 3,
  momentary: 2,
};
/** Return springs of a control of a kind. */
export const springs: Record<ControlKind, number> = {
  centring: 1,
  momentary: 1,
  staying: 0,
  twoPosition: 0,
  threePosition: 0,
};

export type ControlMisfit = 'noProportion' | 'positionsMissing' | 'springsBack' | 'doesNotCentre' | 'staysOn';

/** What is wrong with a control for a want; `undefined` where nothing is. */
export function controlMisfit(want: ControlKind, have: ControlKind): ControlMisfit | undefined {
  if (want === have) return undefined;
  if (positions[have] < positions[want])
    return positions[want] === proportionalSteps ? 'noProportion' : 'positionsMissing';
  if (springs[have] === springs[want]) return undefined;
  if (springs[have] > springs[want]) return 'springsBack';
  return want === 'momentary' ? 'staysOn' : 'doesNotCentre';
}
