import { tyreDiameter } from '../motion/vehicle-values';
import { radiansPerDegree } from '../../base/quantity/angle';
import type { Build } from '../../model/plan/build';
import { mostTrim, type Afloat } from './afloat';
import { moveToCentre, type Balance } from './balance';
import type { Inside } from './inside';
import { halfBeam, isHull } from './inside-sizes';
import { frontShares } from './on-wheels';

/** A place in a view: along the model, and across or over it; metres. */
type ViewPoint = readonly [along: number, other: number];

/** The shapes that a plan or a side view is drawn from; metres. */
export interface Outline {
  /** Seen from above. */
  plan: ViewPoint[][];
  /** Seen from starboard. */
  side: ViewPoint[];
  /** Wheels, where their middles are, and how large; tracks are as long as they lie. */
  wheels: { x: number; y: number; z: number; radius: number; wide: number; long: number }[];
}

const steps = 40;

/** The outline of a model, to scale. */
export function outlineOf(inside: Inside, build: Build): Outline {
  const { form, length, beam, depth, lid } = inside;
  if (!isHull(form)) {
    const plan: ViewPoint[] = [
      [0, -beam / 2],
      [length, -beam / 2],
      [length, beam / 2],
      [0, beam / 2],
    ];
    const side: ViewPoint[] = [
      [0, 0],
      [length, 0],
      [length, lid * 0.35],
      [length * 0.82, lid],
      [length * 0.12, lid],
      [0, lid * 0.45],
    ];
    return { plan: [plan], side, wheels: wheelsOf(inside, build) };
  }
  const edge = (side: 1 | -1, middle: number): ViewPoint[] =>
    Array.from({ length: steps + 1 }, (_, n) => {
      const x = (length * n) / steps;
      return [x, middle + side * halfBeam(inside, x)] as const;
    });
  const hull = (middle: number): ViewPoint[] => [...edge(1, middle), ...edge(-1, middle).reverse()];
  const sheer = depth * 0.12;
  return {
    plan: form === 'twin hull' ? [hull(inside.apart / 2), hull(-inside.apart / 2)] : [hull(0)],
    side: [
      [0, depth],
      [length * 0.01, depth * 0.25],
      [length * 0.06, 0],
      [length * 0.94, 0],
      [length * 0.975, depth * 0.35],
      [length, depth + sheer],
    ],
    wheels: [],
  };
}

function wheelsOf(
  { form, length, wheelbase, track, clearance, beam }: Inside,
  build: Build,
): Outline['wheels'] {
  const radius = tyreDiameter(build) / 2;
  const wide = Math.max(Math.min((track - beam) * 0.8, radius), 0.008);
  const [rear, front] = [(length - wheelbase) / 2, (length + wheelbase) / 2];
  const long = 2 * radius;
  if (form === 'tracked tub')
    return [track / 2, -track / 2].map((y) => ({
      x: length / 2,
      y,
      z: radius - clearance,
      radius,
      wide,
      long: wheelbase + long,
    }));
  const pair = (x: number) =>
    [track / 2, -track / 2].map((y) => ({ x, y, z: radius - clearance, radius, wide, long }));
  return form === 'wheeled yacht'
    ? [...pair(rear), { x: front, y: 0, z: radius - clearance, radius, wide, long }]
    : [...pair(rear), ...pair(front)];
}

/** How high the water stands at a place along a hull that floats as worked out; metres over the base. */
export const waterAt = ({ draught, trim, levelX }: Afloat, x: number): number =>
  draught + (x - levelX) * Math.tan(trim * radiansPerDegree);

/** Where along the model a mass may lie so that it floats or stands within what is usual; metres. */
export function levelRange(
  inside: Inside,
  balance: Balance,
  mass: { kilograms: number; at: { x: number } },
): [least: number, best: number, most: number] | undefined {
  const { afloat, onWheels } = balance;
  const at = (x: number) => mass.at.x + moveToCentre(balance, mass, x);
  if (afloat) {
    const off = Math.tan(mostTrim * radiansPerDegree) * afloat.gmLong;
    return [at(afloat.levelX - off), at(afloat.levelX), at(afloat.levelX + off)];
  }
  if (!onWheels) return undefined;
  const [least, most] = frontShares[inside.form];
  const to = (share: number) => at(onWheels.axles[0] + share * inside.wheelbase);
  return [to(least), to((least + most) / 2), to(most)];
}
