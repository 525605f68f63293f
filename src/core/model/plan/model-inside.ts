import 'reflect-metadata/lite';
import { IsBoolean, IsIn } from 'class-validator';
import { farthest, Metres, Spot } from '../fitting/spot';
import { NestedField, NestedList } from '../../base/validation/nested-field';
import { PhotoField } from '../../base/validation/photo-field';
import { TextField } from '../../base/validation/text-field';

/** What the inside of a model is shaped like. */
const insideForms = [
  'open hull',
  'planing hull',
  'twin hull',
  'yacht hull',
  'wheeled yacht',
  'car chassis',
  'ladder frame',
  'tracked tub',
] as const;
export type InsideForm = (typeof insideForms)[number];

/** A box from its aft, starboard, lower corner. */
abstract class Box extends Spot {
  @Metres(0.001)
  long!: number;

  @Metres(0.001)
  wide!: number;

  @Metres(0.001)
  high!: number;
}

/** A room or a shelf that parts lie in. */
export class Berth extends Box {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  /** Whether air gets to what lies in it. */
  @IsBoolean()
  isAired!: boolean;

  /** Whether a hand gets there with the lid or the body on. */
  @IsBoolean()
  isReached!: boolean;
}

/** A way for leads from one berth to another: a hole or a slot in a wall, or open where it has no size. */
export class Passage extends Spot {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  /** Ids of the two berths. */
  @TextField({ most: 60 })
  from!: string;

  @TextField({ most: 60 })
  to!: string;

  /** Diameter of a round hole, or the width of a slot, in metres; no size where leads pass freely. */
  @Metres(0.001, true)
  across?: number;

  /** Height of a slot, in metres; a hole is round where it has none. */
  @Metres(0.001, true)
  slotHigh?: number;
}

/** What stands in the way: a wheel well, a shaft, a mast step; or where something moves. */
export class Obstacle extends Box {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  /** Whether it is the room that a moving part sweeps. */
  @IsBoolean()
  isSwept!: boolean;

  /** Whether it is metal or carbon, which shades an antenna. */
  @IsBoolean()
  isMetal!: boolean;
}

/** What a point of the model is there for. */
export const pointUses = ['motor', 'steering', 'sheet'] as const;

/** Views that a guide may lie under. */
export const guideViews = ['plan', 'side'] as const;

/** A place that decides where a part goes: the coupling of a shaft, the rudder post, the steering arm. */
export class FixedPoint extends Spot {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  @IsIn(pointUses)
  takes!: (typeof pointUses)[number];
}

/** A photograph or drawing that lies under the plan or the side view as a guide. */
export class Guide {
  @PhotoField()
  picture!: string;

  @IsIn(guideViews)
  under!: (typeof guideViews)[number];

  /** Where its aft edge lies, in metres. */
  @Metres(-farthest)
  x!: number;

  /** How much of the model its width shows, in metres. */
  @Metres(0.01)
  across!: number;
}

/** The inside of the model, as a person measures it. What is left out is usual for its shape. */
export class ModelInside {
  @IsIn(insideForms)
  form!: InsideForm;

  /** Over all, in metres: hull, chassis, frame or tub. */
  @Metres(0.05, true)
  length?: number;

  /** Widest, in metres; of one hull where there are two. */
  @Metres(0.02, true)
  beam?: number;

  /** From base to deck, or to the underside of the body, in metres. */
  @Metres(0.005, true)
  depth?: number;

  /** Lid, cabin or body: how far over the base parts may stand, in metres. */
  @Metres(0.005, true)
  lid?: number;

  /** Hulls: how deep it floats, ready to run, in metres; worked out where not measured. */
  @Metres(0.002, true)
  draught?: number;

  /** Two hulls: from middle line to middle line, in metres. */
  @Metres(0.03, true)
  apart?: number;

  /** Wheels and tracks: from axle to axle, from wheel to wheel, and from the ground to the base, in metres. */
  @Metres(0.02, true)
  wheelbase?: number;

  @Metres(0.02, true)
  track?: number;

  @Metres(0, true)
  clearance?: number;

  /** How high water may stand inside, in metres; 0 for never. */
  @Metres(0, true)
  wetLine?: number;

  /** Where the model balances with no electronics in it, along and over its base, in metres. */
  @Metres(-farthest, true)
  bareX?: number;

  @Metres(-farthest, true)
  bareZ?: number;

  /** Where the tip of the antenna is led to; straight up from the receiver where not said. */
  @NestedField(() => Spot, { optional: true })
  mast?: Spot;

  @NestedList(() => Berth, { most: 60, optional: true })
  berths?: Berth[];

  @NestedList(() => Passage, { most: 120, optional: true })
  passages?: Passage[];

  @NestedList(() => Obstacle, { most: 60, optional: true })
  obstacles?: Obstacle[];

  @NestedList(() => FixedPoint, { most: 60, optional: true })
  points?: FixedPoint[];

  @NestedField(() => Guide, { optional: true })
  guide?: Guide;
}
