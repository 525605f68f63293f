import type { Build } from '../../model/plan/build';
import type { Berth, FixedPoint, Obstacle, Passage } from '../../model/plan/model-inside';
import type { Spot } from '../../model/fitting/spot';
import { toMillimetre, type InsideSizes } from './inside-sizes';
import { usualMast, usualPoints } from './preset-points';

/** Rooms, ways between them, and what parts go by. */
export interface Rooms {
  berths: Berth[];
  passages: Passage[];
  obstacles: Obstacle[];
  points: FixedPoint[];
  /** Where an antenna is led up to; straight up from the receiver where there is none. */
  mast: Spot | undefined;
}

type Room = Omit<Berth, 'long' | 'wide' | 'high' | 'x' | 'y' | 'z'>;
type Span = readonly [number, number];

const berth = (room: Room, x: Span, y: Span, z: Span): Berth => ({
  ...room,
  x: toMillimetre(x[0]),
  y: toMillimetre(y[0]),
  z: toMillimetre(z[0]),
  long: toMillimetre(x[1] - x[0]),
  wide: toMillimetre(y[1] - y[0]),
  high: toMillimetre(z[1] - z[0]),
});

const rounded = <T extends { x: number; y: number; z: number }>(each: T): T => ({
  ...each,
  x: toMillimetre(each.x),
  y: toMillimetre(each.y),
  z: toMillimetre(each.z),
});

/** Rooms of a model of some shape and size, as they usually are, until somebody measures theirs. */
export function presetRooms(sizes: InsideSizes, build: Build): Rooms {
  const rooms = presets[sizes.form](sizes);
  return { ...rooms, points: usualPoints(sizes, build).map(rounded), mast: usualMast(sizes) };
}

const presets: Record<InsideSizes['form'], (sizes: InsideSizes) => Omit<Rooms, 'points' | 'mast'>> = {
  'open hull': (sizes) => hullRooms(sizes, [0.33, 0.64]),
  'planing hull': (sizes) => hullRooms(sizes, [0.25, 0.72]),
  'yacht hull': (sizes) => hullRooms(sizes, [0.3, 0.6]),
  'twin hull': twinRooms,
  'car chassis': carRooms,
  'ladder frame': frameRooms,
  'tracked tub': tubRooms,
  'wheeled yacht': podRooms,
};

/** Three rooms with a bulkhead between each two; leads pass through a hole in it. */
function hullRooms({ length, beam, lid, depth }: InsideSizes, walls: Span): Omit<Rooms, 'points' | 'mast'> {
  const y: Span = [-beam / 2 + 0.003, beam / 2 - 0.003];
  const z: Span = [0.002, lid];
  const [first, second] = [walls[0] * length, walls[1] * length];
  const hole = (id: string, name: string, from: string, to: string, x: number, off: number, across: number) =>
    rounded<Passage>({ id, name, from, to, x, y: off, z: depth * 0.5, across });
  return {
    berths: [
      berth({ id: 'aft', name: 'after room', isAired: true, isReached: false }, [0.005, first - 0.002], y, z),
      berth(
        { id: 'mid', name: 'middle room', isAired: true, isReached: true },
        [first + 0.002, second - 0.002],
        y,
        z,
      ),
      berth(
        { id: 'fore', name: 'fore room', isAired: true, isReached: false },
        [second + 0.002, length - 0.01],
        y,
        z,
      ),
    ],
    passages: [
      hole('aft-hole', 'hole of the after bulkhead', 'aft', 'mid', first, 0, 0.018),
      hole('fore-hole-port', 'port hole of the fore bulkhead', 'mid', 'fore', second, beam * 0.22, 0.016),
      hole(
        'fore-hole-starboard',
        'starboard hole of the fore bulkhead',
        'mid',
        'fore',
        second,
        -beam * 0.22,
        0.016,
      ),
    ],
    obstacles: [],
  };
}

/** A room in each hull, and a box on the deck between them. */
function twinRooms({ length, beam, depth, lid, apart }: InsideSizes): Omit<Rooms, 'points' | 'mast'> {
  const hull = (side: 1 | -1, id: string, name: string) =>
    berth(
      { id, name, isAired: false, isReached: false },
      [0.01, length * 0.8],
      [(side * apart) / 2 - beam / 2 + 0.003, (side * apart) / 2 + beam / 2 - 0.003],
      [0.002, depth],
    );
  const way = (side: 1 | -1, to: string, name: string): Passage =>
    rounded({
      id: `${to}-slot`,
      name,
      from: 'deck',
      to,
      x: length * 0.45,
      y: (side * apart) / 2,
      z: depth,
      across: 0.03,
      slotHigh: 0.012,
    });
  return {
    berths: [
      hull(1, 'port-hull', 'port hull'),
      hull(-1, 'starboard-hull', 'starboard hull'),
      berth(
        { id: 'deck', name: 'deck box', isAired: true, isReached: true },
        [length * 0.25, length * 0.7],
        [-apart / 2 + 0.02, apart / 2 - 0.02],
        [depth, lid],
      ),
    ],
    passages: [way(1, 'port-hull', 'port slot'), way(-1, 'starboard-hull', 'starboard slot')],
    obstacles: [],
  };
}

/** A tray between the axles, with a deck over each of them; the front wheels swing beside it. */
function carRooms({ length, beam, lid, wheelbase, track }: InsideSizes): Omit<Rooms, 'points' | 'mast'> {
  const [rear, front] = [(length - wheelbase) / 2, (length + wheelbase) / 2];
  const y: Span = [-beam / 2, beam / 2];
  const wheel = (side: 1 | -1, id: string, name: string): Obstacle =>
    rounded({
      id,
      name,
      x: front - 0.045,
      y: side > 0 ? beam / 2 : -track / 2 - 0.02,
      z: 0,
      long: 0.09,
      wide: toMillimetre(track / 2 + 0.02 - beam / 2),
      high: 0.07,
      isSwept: true,
      isMetal: false,
    });
  const room = (id: string, name: string) => ({ id, name, isAired: true, isReached: false });
  return {
    berths: [
      berth({ ...room('tray', 'tray'), isReached: true }, [rear + 0.012, front - 0.012], y, [0.003, lid]),
      berth(
        room('front', 'front deck'),
        [front - 0.012, length - 0.01],
        [y[0] * 0.6, y[1] * 0.6],
        [0.02, lid],
      ),
      berth(room('rear', 'rear deck'), [0.01, rear + 0.012], [y[0] * 0.6, y[1] * 0.6], [0.03, lid]),
    ],
    passages: [
      rounded({
        id: 'front-way',
        name: 'way to the front deck',
        from: 'tray',
        to: 'front',
        x: front - 0.012,
        y: 0,
        z: 0.03,
      }),
      rounded({
        id: 'rear-way',
        name: 'way to the rear deck',
        from: 'tray',
        to: 'rear',
        x: rear + 0.012,
        y: 0,
        z: 0.04,
      }),
    ],
    obstacles: [
      wheel(1, 'wheel-port', 'port front wheel at full lock'),
      wheel(-1, 'wheel-starboard', 'starboard front wheel at full lock'),
    ],
  };
}

/** Between the rails, in the cab, and in a box over the rear axle. */
function frameRooms({ length, beam, lid }: InsideSizes): Omit<Rooms, 'points' | 'mast'> {
  const rail = beam / 4;
  const y: Span = [-beam / 2, beam / 2];
  return {
    berths: [
      berth(
        { id: 'rails', name: 'room between the rails', isAired: true, isReached: true },
        [0.02, length - 0.03],
        [-rail, rail],
        [0.002, 0.058],
      ),
      berth({ id: 'cab', name: 'cab', isAired: true, isReached: false }, [length * 0.64, length - 0.01], y, [
        0.06,
        lid,
      ]),
      berth({ id: 'bed', name: 'box on the bed', isAired: true, isReached: true }, [0.01, length * 0.6], y, [
        0.06,
        lid,
      ]),
    ],
    passages: [
      rounded({
        id: 'cab-hole',
        name: 'hole in the cab floor',
        from: 'rails',
        to: 'cab',
        x: length * 0.72,
        y: 0,
        z: 0.059,
        across: 0.02,
      }),
      rounded({
        id: 'bed-slot',
        name: 'slot in the bed',
        from: 'rails',
        to: 'bed',
        x: length * 0.35,
        y: 0,
        z: 0.059,
        across: 0.03,
        slotHigh: 0.012,
      }),
    ],
    obstacles: [],
  };
}

/** The tub between the tracks, and the house over it, which may turn. */
function tubRooms({ length, beam, lid }: InsideSizes): Omit<Rooms, 'points' | 'mast'> {
  const y: Span = [-beam / 2, beam / 2];
  const floor = lid * 0.48;
  return {
    berths: [
      berth({ id: 'tub', name: 'tub', isAired: false, isReached: false }, [0.01, length - 0.01], y, [
        0.003,
        floor,
      ]),
      berth(
        { id: 'house', name: 'upper house', isAired: true, isReached: true },
        [length * 0.1, length * 0.85],
        y,
        [floor + 0.002, lid],
      ),
    ],
    passages: [
      rounded({
        id: 'ring',
        name: 'hole through the slewing ring',
        from: 'tub',
        to: 'house',
        x: length * 0.45,
        y: 0,
        z: floor,
        across: 0.025,
      }),
    ],
    obstacles: [],
  };
}

/** A closed pod in the middle, with the mast before it. */
function podRooms({ length, beam, lid }: InsideSizes): Omit<Rooms, 'points' | 'mast'> {
  return {
    berths: [
      berth(
        { id: 'pod', name: 'pod', isAired: true, isReached: true },
        [length * 0.2, length * 0.62],
        [-beam / 2, beam / 2],
        [0.002, lid],
      ),
    ],
    passages: [],
    obstacles: [
      rounded({
        id: 'mast-step',
        name: 'mast step',
        x: length * 0.62,
        y: -0.015,
        z: 0,
        long: 0.03,
        wide: 0.03,
        high: lid,
        isSwept: false,
        isMetal: true,
      }),
    ],
  };
}
