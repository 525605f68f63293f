import type { Placement } from '../../model/fitting/placement';
import type { PartSize } from '../../model/kinds/part-size';

/** A box in the model, from corner to corner, in metres. */
export interface Box {
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
  readonly z: readonly [number, number];
}

export const axes = ['x', 'y', 'z'] as const;

/** Sizes along the model's axes of a part that lies in a pose, turned. */
export function sidesAs(
  { long, wide, high }: Omit<PartSize, 'provenance'>,
  { turn, pose }: Pick<Placement, 'turn' | 'pose'>,
): [x: number, y: number, z: number] {
  const [along, across, up] = {
    flat: [long, wide, high],
    side: [long, high, wide],
    end: [high, wide, long],
  }[pose] as [number, number, number];
  return turn % 180 === 0 ? [along, across, up] : [across, along, up];
}

/** The room that a part takes where it lies. */
export function boxAt(size: Omit<PartSize, 'provenance'>, place: Placement): Box {
  const [x, y, z] = sidesAs(size, place);
  return {
    x: [place.x - x / 2, place.x + x / 2],
    y: [place.y - y / 2, place.y + y / 2],
    z: [place.z, place.z + z],
  };
}

/** A box told from its lowest corner. */
export const boxFrom = (box: {
  x: number;
  y: number;
  z: number;
  long: number;
  wide: number;
  high: number;
}): Box => ({
  x: [box.x, box.x + box.long],
  y: [box.y, box.y + box.wide],
  z: [box.z, box.z + box.high],
});

/** How far two boxes reach into each other along the way they part most easily, in metres; negative for the gap between them along it. */
export const overlap = (a: Box, b: Box): number =>
  Math.min(
    Math.min(a.x[1], b.x[1]) - Math.max(a.x[0], b.x[0]),
    Math.min(a.y[1], b.y[1]) - Math.max(a.y[0], b.y[0]),
    Math.min(a.z[1], b.z[1]) - Math.max(a.z[0], b.z[0]),
  );

/** How far apart two boxes are, in metres; 0 where they touch. */
export const distance = (a: Box, b: Box): number =>
  Math.hypot(...axes.map((axis) => Math.max(0, a[axis][0] - b[axis][1], b[axis][0] - a[axis][1])));

/** How far a box reaches out of another along its worst axis, in metres; 0 where it is inside. */
export const beyond = (inner: Box, outer: Box): number =>
  Math.max(
    0,
    outer.x[0] - inner.x[0],
    inner.x[1] - outer.x[1],
    outer.y[0] - inner.y[0],
    inner.y[1] - outer.y[1],
    outer.z[0] - inner.z[0],
    inner.z[1] - outer.z[1],
  );

/** The middle of a box. */
export const middleOf = (box: Box): { x: number; y: number; z: number } => ({
  x: (box.x[0] + box.x[1]) / 2,
  y: (box.y[0] + box.y[1]) / 2,
  z: (box.z[0] + box.z[1]) / 2,
});
