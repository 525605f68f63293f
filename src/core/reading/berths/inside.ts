import type { Build } from '../../model/plan/build';
import type { Berth, FixedPoint, ModelInside, Obstacle, Passage } from '../../model/plan/model-inside';
import type { Spot } from '../../model/fitting/spot';
import { insideSizes, type InsideSizes } from './inside-sizes';
import { presetRooms } from './preset-rooms';

/** The inside of a model with everything that is not told filled in. */
export interface Inside extends InsideSizes {
  berths: readonly Berth[];
  passages: readonly Passage[];
  obstacles: readonly Obstacle[];
  points: readonly FixedPoint[];
  mast: Spot | undefined;
  draught: number | undefined;
  /** Which sizes somebody told. */
  told: ModelInside;
}

/** The inside of a build; `undefined` until somebody has told its shape. */
export function insideOf(build: Build): Inside | undefined {
  const { inside } = build;
  if (!inside) return undefined;
  const sizes = insideSizes(build, inside);
  const rooms = presetRooms(sizes, build);
  return {
    ...sizes,
    berths: inside.berths ?? rooms.berths,
    passages: inside.passages ?? rooms.passages,
    obstacles: inside.obstacles ?? rooms.obstacles,
    points: inside.points ?? rooms.points,
    mast: inside.mast ?? rooms.mast,
    draught: inside.draught,
    told: inside,
  };
}
