import type { Build } from '../../model/plan/build';
import type { FixedPoint } from '../../model/plan/model-inside';
import type { Spot } from '../../model/fitting/spot';
import { isHull, toMillimetre, type InsideSizes } from './inside-sizes';

/** Hulls carry the antenna on the cabin, or the hatch, over the water. */
export const usualMast = ({ form, length, lid }: InsideSizes): Spot | undefined =>
  isHull(form) ? { x: toMillimetre(length * 0.58), y: 0, z: toMillimetre(lid + 0.035) } : undefined;

/** Where shafts, rudder posts, steering arms and sheets are. */
export function usualPoints(sizes: InsideSizes, { brief }: Build): FixedPoint[] {
  const { form, length, beam, wheelbase, apart, lid } = sizes;
  const axle = (share: number) => (length - wheelbase) / 2 + share * wheelbase;
  const side = form === 'twin hull' ? apart / 2 : beam * 0.24;
  const pair = (takes: FixedPoint['takes'], name: string, x: number, z: number): FixedPoint[] => [
    { id: `port-${takes}`, name: `port ${name}`, takes, x, y: side, z },
    { id: `starboard-${takes}`, name: `starboard ${name}`, takes, x, y: -side, z },
  ];
  const one = (takes: FixedPoint['takes'], name: string, x: number, z: number, y = 0): FixedPoint => ({
    id: takes,
    name,
    takes,
    x,
    y,
    z,
  });
  const isTwin = brief.drive === 'twin' || brief.drive === 'tracks';
  const hasMotor = brief.drive !== 'none';
  switch (form) {
    case 'open hull':
    case 'planing hull':
    case 'twin hull':
      return [
        ...(!hasMotor
          ? []
          : isTwin
            ? pair('motor', 'shaft', length * 0.26, 0.01)
            : [one('motor', 'shaft', length * 0.3, 0.01)]),
        ...(isTwin
          ? pair('steering', 'rudder post', length * 0.1, 0.03)
          : [one('steering', 'rudder post', length * 0.1, 0.03)]),
      ];
    case 'yacht hull':
      return [
        one('steering', 'rudder post', length * 0.16, 0.02),
        one('sheet', 'sheet', length * 0.45, 0.02),
      ];
    case 'wheeled yacht':
      return [
        one('steering', 'steering rod', length * 0.54, 0.01),
        one('sheet', 'sheet', length * 0.36, 0.01),
      ];
    case 'car chassis':
      return [
        ...(hasMotor ? [one('motor', 'gearbox', axle(0.16), 0.008, beam * 0.26)] : []),
        one('steering', 'steering rack', axle(0.86), 0.006, -beam * 0.12),
      ];
    case 'ladder frame':
      return [
        ...(hasMotor ? [one('motor', 'gearbox', length * 0.5, 0.008)] : []),
        one('steering', 'drag link', axle(0.9), 0.006),
      ];
    case 'tracked tub':
      return hasMotor ? pair('motor', 'sprocket gear', length * 0.16, lid * 0.08) : [];
  }
}
