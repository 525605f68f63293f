import type { ElementOfKind } from '../../physics/network/devices';
import type { WheelsValues } from '../../physics/network/devices/wheels';
import type { TrackPoints } from '../../physics/network/track';
import type { Build, ModelKind } from '../../model/plan/build';
import type { Surface } from '../../model/plan/brief';
import type { Estimates } from '../../model/kinds/estimates';

/** Name of the body that the drive moves, in the network; no fitting has a space in its id. */
export const bodyId = 'the model';

/** How a kind of model stands on the ground where nothing was measured: rules of thumb. */
interface Footing {
  kilograms: number;
  /** m. */
  tyreDiameter: number;
  /** Share of the weight on driven wheels. */
  drivenShare: number;
  surface: Surface;
  /** Drag coefficient times frontal area, m². */
  dragArea: number;
  /** Share of the work that gears and tyres pass on. */
  efficiency: number;
  /** Speed in m/s that such models are geared for, and the volts that this is told at. */
  top: number;
  volts: number;
  /** Width of a tyre against its diameter, and share of weight on the steered axle. */
  tyreWidthShare: number;
  steeredShare: number;
}

const usualSteering = { tyreWidthShare: 0.37, steeredShare: 0.5 };
const car: Footing = {
  kilograms: 1.5,
  tyreDiameter: 0.066,
  drivenShare: 1,
  surface: 'asphalt',
  dragArea: 0.01,
  efficiency: 0.8,
  top: 11,
  volts: 7.4,
  ...usualSteering,
};
const footings: Record<Exclude<ModelKind, 'boat'>, Footing> = {
  car,
  // On wheels: nothing drives them, and a sail in the wind is its drag.
  yacht: {
    ...car,
    kilograms: 3,
    tyreDiameter: 0.1,
    dragArea: 0.05,
    tyreWidthShare: 0.15,
    steeredShare: 0.25,
  },
  crawler: {
    kilograms: 2.5,
    tyreDiameter: 0.115,
    drivenShare: 1,
    surface: 'rock',
    dragArea: 0.03,
    efficiency: 0.6,
    top: 1.7,
    volts: 11.1,
    ...usualSteering,
  },
  truck: {
    kilograms: 4.5,
    tyreDiameter: 0.083,
    drivenShare: 0.45,
    surface: 'asphalt',
    dragArea: 0.045,
    efficiency: 0.6,
    top: 2.8,
    volts: 7.4,
    ...usualSteering,
  },
  'tracked machine': {
    kilograms: 4,
    tyreDiameter: 0.045,
    drivenShare: 1,
    surface: 'dirt',
    dragArea: 0.04,
    efficiency: 0.6,
    top: 0.63,
    volts: 7.4,
    ...usualSteering,
  },
};

/** Grip, and force to roll as a share of weight with the drag of the drivetrain: rules of thumb. */
const surfaces: Record<Surface, { mu: number; rolling: number }> = {
  asphalt: { mu: 0.9, rolling: 0.05 },
  carpet: { mu: 1.5, rolling: 0.06 },
  dirt: { mu: 0.75, rolling: 0.09 },
  grass: { mu: 0.7, rolling: 0.12 },
  sand: { mu: 0.5, rolling: 0.2 },
  rock: { mu: 1.1, rolling: 0.12 },
};

/** Share of rolling that is left where no gears turn along: rule of thumb. */
const withoutGears = 0.5;

/** Tracks roll harder than wheels, whatever they run on. */
const trackRolling = 0.15;

const footingOf = ({ model }: Build): Footing => (model === 'boat' ? car : footings[model]);

/** Whether it floats; wheels or tracks carry it otherwise, as they do a yacht whose Brief names a ground. */
export const isAfloat = ({ model, brief }: Build): boolean =>
  model === 'boat' || (model === 'yacht' && brief.surface === undefined);

/** Volts at which the top speed in the Brief is told: usual for a kind of model, and the same whatever pack is in. */
export const topSpeedVolts = (build: Build): number => footingOf(build).volts;

/** Speed in m/s that a kind of model is usually geared for. */
export const usualTopSpeed = (build: Build): number => footingOf(build).top;

/** Ground that a kind of model is usual on. */
export const usualSurface = (build: Build): Surface => build.brief.surface ?? footingOf(build).surface;

/** Tyre, or sprocket, in metres: the Brief's, or usual for the kind of model. */
export const tyreDiameter = (build: Build): number =>
  build.brief.tyreDiameter ?? footingOf(build).tyreDiameter;

/** Width of a tyre in metres: the Brief's, or usual for its diameter. */
export const tyreWidth = (build: Build): number =>
  build.brief.tyreWidth ?? footingOf(build).tyreWidthShare * tyreDiameter(build);

/** Share of the weight on the steered axle: the Brief's, or usual for the kind of model. */
export const steeredShare = (build: Build): number =>
  build.brief.steeredShare ?? footingOf(build).steeredShare;

/** Grip of the tyres on the build's ground. */
export const gripOf = (build: Build): number => surfaces[usualSurface(build)].mu;

/** Speed that a motor keeps under the load of driving, against turning free. */
const loadedShare = 0.9;

/**
 * Turns of the motor for one of the wheel that bring a motor to a speed at some volts: KV·V·share·π·D/(60·v).
 * @param kv rev/min per volt
 * @param metresPerSecond wanted
 */
export const gearRatioFor = (kv: number, volts: number, metresPerSecond: number, diameter: number): number =>
  (loadedShare * kv * volts * Math.PI * diameter) / (60 * metresPerSecond);

/** Speed at full throttle in m/s that gears make of a motor's speed under load, before drag and slope. */
export const gearedSpeed = (kv: number, volts: number, gearRatio: number, diameter: number): number =>
  (loadedShare * kv * volts * Math.PI * diameter) / (60 * gearRatio);

/** Gear ratio of a build: the Brief's; else what gives its top speed at its kind's usual volts, whatever pack is in. */
function gearRatioOf(build: Build, kv: number, estimates: Estimates): number {
  const { gearRatio, topSpeed } = build.brief;
  if (gearRatio !== undefined) return gearRatio;
  const { volts, top } = footingOf(build);
  const wanted = topSpeed ?? top;
  return estimates.take('model.gearRatio', 'gear ratio from motor to wheel', undefined, {
    value: gearRatioFor(kv, volts, wanted, tyreDiameter(build)),
    least: topSpeed === undefined ? 0.6 : 0.85,
    most: topSpeed === undefined ? 1.6 : 1.15,
    note:
      topSpeed === undefined
        ? `usual top speed of its kind at ${volts} V; the Brief takes yours`
        : `from the top speed in the Brief at ${volts} V`,
  });
}

/** Mass in kilograms: the Brief's, or usual for its kind. */
export const kilogramsOf = (build: Build, estimates: Estimates, usual = footingOf(build).kilograms): number =>
  build.brief.kilograms ??
  estimates.take('model.kilograms', 'mass of the model', undefined, {
    value: usual,
    least: 0.6,
    most: 1.8,
    note: 'usual for its kind, rule of thumb; the Brief takes yours',
  });

/** The wheels of one of some motors that share the work. */
export function wheelsOf(build: Build, kv: number, motors: number, estimates: Estimates): WheelsValues {
  const { drivenShare, efficiency, top } = footingOf(build);
  return {
    on: bodyId,
    mu: estimates.take('model.grip', 'grip on the ground', undefined, {
      value: gripOf(build),
      least: 0.7,
      most: 1.3,
      note: 'rubber on this ground, rule of thumb',
    }),
    drivenShare: drivenShare / motors,
    tyreRadius: tyreDiameter(build) / 2,
    gearRatio: gearRatioOf(build, kv, estimates),
    efficiency: estimates.take('model.gears', 'share that the gears pass on', undefined, {
      value: efficiency,
      least: 0.8,
      most: 1.15,
      note: 'usual for its kind, rule of thumb',
    }),
    slipSpeed: 0.05 + 0.03 * top,
  };
}

/**
 * The body of a model on wheels or tracks.
 * @param effort multiplies rolling: rough ground, a load dragged along
 */
export function vehicleElement(
  build: Build,
  effort: number,
  grade: number | TrackPoints,
  estimates: Estimates,
): ElementOfKind<'vehicle'> {
  const { dragArea } = footingOf(build);
  const isTracked = build.model === 'tracked machine';
  const rolling = surfaces[usualSurface(build)].rolling;
  return {
    kind: 'vehicle',
    id: bodyId,
    mass: kilogramsOf(build, estimates),
    crr:
      effort *
      estimates.take('model.rolling', 'how hard the model is to roll', undefined, {
        value:
          build.model === 'yacht'
            ? withoutGears * rolling
            : isTracked
              ? Math.max(trackRolling, rolling)
              : rolling,
        least: 0.6,
        most: 1.6,
        note: 'rolling force as a share of weight on this ground, rule of thumb',
      }),
    vEps: 0.02,
    cdA: dragArea,
    grade,
  };
}
