import type { WellState } from '../../core/judgement/findings/wells';

/** The hull cross-section in a box of 1000 by 88, and where its bulkheads stand. */
export const hullBox = { width: 1000, height: 88 } as const;

export const hullPath = 'M2 8 C 250 17, 750 17, 998 1 C 992 38, 962 68, 914 80 L 40 80 C 18 78, 5 46, 2 8 Z';
export const keelPath = 'M14 66 C 20 76, 30 81, 44 81 L 912 81 C 930 78, 940 73, 948 66';

/** Left edges of the wells; the last entry is the bow. */
export const bulkheads = [0, 203, 398, 600, 797, 1000] as const;

/** Height of the water for a well, as a share of the hull's depth. */
export function waterShare(state: WellState, stops: number): number {
  if (state === 'flooded') return Math.min(0.555 + 0.01 * stops, 0.6);
  return state === 'damp' ? 0.16 : 0;
}

/** A water surface with a slight swell, closed below the keel. */
export function waterPath(left: number, right: number, level: number): string {
  const width = right - left;
  const swell = 2.5;
  const quarter = width / 4;
  return [
    `M${left} ${hullBox.height}`,
    `L${left} ${level}`,
    `q${quarter / 2} ${-swell} ${quarter} 0 t${quarter} 0 t${quarter} 0 t${quarter} 0`,
    `L${right} ${hullBox.height} Z`,
  ].join(' ');
}
