import { gravity, waterDensity } from '../../base/quantity/constants';
import type { ElementOfKind } from '../../physics/network/devices';
import type { ScrewValues } from '../../physics/network/devices/screw';
import type { TrackPoints } from '../../physics/network/track';
import type { Build } from '../../model/plan/build';
import type { Estimates } from '../../model/kinds/estimates';
import type { WorkingPoint } from '../../model/kinds/site';
import { bodyId, kilogramsOf } from './vehicle-values';

const usualKilograms = 3;
/** Watts for a kilogram above which a hull is taken for a planing one: rule of thumb. */
const planingWatts = 45;
/** A top speed in m/s that no displacement hull of a model reaches. */
const planingTop = 3.5;

/** Hull and screw as they go together. */
interface HullKind {
  /** Pitch over diameter that is usual. */
  pitchRatio: number;
  blades: number;
  /** Share of the pitch that the water runs at where the sheet's amps hold. */
  way: number;
  wake: number;
  deduction: number;
}

const displacement: HullKind = { pitchRatio: 1, blades: 3, way: 0.28, wake: 0.2, deduction: 0.2 };
const planing: HullKind = { pitchRatio: 1.4, blades: 2, way: 0.7, wake: 0, deduction: 0.05 };

const hullKindOf = ({ brief }: Build, kilograms: number, watts: number): HullKind => {
  const isPlaning =
    brief.topSpeed === undefined ? watts / kilograms > planingWatts : brief.topSpeed > planingTop;
  return isPlaning ? planing : displacement;
};

/**
 * Lines of a screw by its pitch over diameter P/D: no thrust at J = 1.06·P/D, no torque at 1.14·P/D,
 * KT0 = 0.40·(P/D)^0.95, KQ0 = 0.061·(P/D)^1.85; three blades, area ratio 0.5, ±20 %; two give and take 0.8 of it.
 * @param wake share of the hull's speed that the water at the screw goes along with
 * @param deduction share of the thrust that its own suction takes back from the hull
 */
function linesOf(ratio: number, blades: number, wake: number, deduction: number) {
  const [a, b] = [1.06 * ratio, 1.14 * ratio];
  const share = shareOf(blades);
  const [kt0, kq0] = [0.4 * share * ratio ** 0.95, 0.061 * share * ratio ** 1.85];
  const way = 1 - wake;
  const given = 1 - deduction;
  return {
    kt0: given * kt0,
    kt1: (given * 0.75 * kt0 * way) / a,
    kt2: (given * 0.25 * kt0 * way ** 2) / a ** 2,
    kq0,
    kq1: (0.65 * kq0 * way) / b,
    kq2: (0.35 * kq0 * way ** 2) / b ** 2,
    asternThrust: 0.7,
    asternTorque: 0.9,
  };
}

/** Share of a three-bladed screw's thrust and torque that a number of blades has. */
const shareOf = (blades: number): number => (blades === 2 ? 0.8 : 1);

/** Pressure on the blades at which water boils off them, Pa, and the blades' area as a share of D²: rules of thumb. */
const boilingPascals = 50_000;
const bladeShare = (blades: number): number => (blades === 2 ? 0.31 : 0.39);

/** The screw of one motor: the Brief's, else the one whose torque makes the amps of its sheet. */
export function screwOf(
  build: Build,
  { torque, speed }: WorkingPoint,
  watts: number,
  estimates: Estimates,
): ScrewValues {
  const { screwDiameter, screwPitch } = build.brief;
  const kind = hullKindOf(build, hullKilograms(build, estimates), watts);
  const { pitchRatio, way, wake, deduction } = kind;
  const blades = bladesOf(build, watts, estimates);
  // The torque of the line at this way, ρ·D⁵·KQ0·n²·(1 − 0.65·x − 0.35·x²), solved for D.
  const turns = speed / (2 * Math.PI);
  const share = 1 - 0.65 * way - 0.35 * way ** 2;
  const fitting = Math.max(
    (torque / (waterDensity * 0.061 * shareOf(blades) * pitchRatio ** 1.85 * share * turns ** 2)) ** 0.2,
    0.005,
  );
  const diameter =
    screwDiameter ??
    estimates.take('model.screwDiameter', 'diameter of the screw', undefined, {
      value: fitting,
      least: 0.9,
      most: 1.1,
      note: 'the one that makes the motor’s amps at full load, by its torque; the Brief takes yours',
    });
  const ratio = (screwPitch ?? usualPitch(build, diameter, watts, estimates)) / diameter;
  return {
    on: bodyId,
    diameter,
    shaftRatio: 1,
    ...linesOf(ratio, blades, wake, deduction),
    cavitationThrust: (1 - deduction) * boilingPascals * bladeShare(blades) * diameter ** 2,
  };
}

/** Blades of the screw: the Brief's, or usual for its kind of hull. @param watts of the drive at full load */
export const bladesOf = (build: Build, watts: number, estimates: Estimates): number =>
  build.brief.screwBlades ?? hullKindOf(build, hullKilograms(build, estimates), watts).blades;

/** Pitch in metres that goes with a screw on the build's kind of hull. @param watts of the drive at full load */
export const usualPitch = (build: Build, diameter: number, watts: number, estimates: Estimates): number =>
  diameter * hullKindOf(build, hullKilograms(build, estimates), watts).pitchRatio;

/** Whether a build's hull is taken for one that planes. @param watts of the drive at full load */
export const planes = (build: Build, watts: number, estimates: Estimates): boolean =>
  hullKindOf(build, hullKilograms(build, estimates), watts) === planing;

/** Speed in m/s at which a displacement hull makes a wave of its own length: 1.25·√L, Froude number 0.4. */
export const hullSpeed = (waterline: number): number => 1.25 * Math.sqrt(waterline);

/** Froude number beyond which a displacement hull squats, and its speed is doubtful. */
const squats = 0.5;

/** Speed in m/s beyond which what is worked out for a hull is doubtful; `undefined` where it planes. @param watts of the drive at full load */
export const doubtfulSpeed = (build: Build, watts: number, estimates: Estimates): number | undefined =>
  planes(build, watts, estimates) ? undefined : squats * Math.sqrt(gravity * waterlineOf(build, estimates));

/** Length at the waterline, in metres: the Brief's, or usual for the mass. */
export const waterlineOf = (build: Build, estimates: Estimates): number =>
  build.brief.waterline ??
  estimates.take('model.waterline', 'length at the waterline', undefined, {
    value: 0.47 * Math.cbrt(hullKilograms(build, estimates)),
    least: 0.8,
    most: 1.25,
    note: 'usual for its mass, rule of thumb; the Brief takes yours',
  });

/** Mass of a model that floats, in kilograms: the Brief's, or usual. */
export const hullKilograms = (build: Build, estimates: Estimates): number =>
  kilogramsOf(build, estimates, usualKilograms);

/** Resistance over weight that does not come from skin friction, by Froude number: rule of thumb, ±30 %. */
const waveResistance: TrackPoints = [
  [0.1, 0.0002],
  [0.2, 0.001],
  [0.3, 0.004],
  [0.4, 0.016],
  [0.5, 0.05],
  [0.6, 0.1],
  [0.7, 0.14],
  [0.8, 0.16],
];
/** Resistance over weight of a planing hull by Froude number on its volume; from there on 0.16 + 0.007·Fv². */
const planingResistance: TrackPoints = [
  [0.5, 0.008],
  [1, 0.05],
  [1.5, 0.13],
  [2, 0.19],
];

/** Between points of a table on logarithmic scales; below it a power of the first, beyond it the last. */
function onLogScales(table: TrackPoints, at: number, powerBelow: number): number {
  const [[first, least], last] = [table[0]!, table.at(-1)!];
  if (at <= first) return least * (at / first) ** powerBelow;
  const n = table.findIndex(([end]) => end >= at);
  if (n < 1) return last[1];
  const [[x0, y0], [x1, y1]] = [table[n - 1]!, table[n]!];
  const share = Math.log(at / x0) / Math.log(x1 / x0);
  return y0 * (y1 / y0) ** share;
}

/** Newtons that the water holds a hull back with, at a speed in m/s. @param length at the waterline, m */
function resistance(kind: HullKind, kilograms: number, length: number, metresPerSecond: number): number {
  const weight = kilograms * gravity;
  const root = Math.cbrt(kilograms / waterDensity);
  if (kind === planing) {
    const froude = metresPerSecond / Math.sqrt(gravity * root);
    const share = froude <= 2 ? onLogScales(planingResistance, froude, 2) : 0.16 + 0.007 * froude ** 2;
    return weight * share;
  }
  const froude = metresPerSecond / Math.sqrt(gravity * length);
  const slender = length / root / 5;
  const skin = 0.085 * froude ** 2 * slender ** 1.5;
  // A displacement hull does not climb its own bow wave: it squats, and asks for more than it is worth.
  const squat = 1 + (Math.max(froude - squatsFrom, 0) / 0.1) ** 2;
  return weight * squat * (skin + onLogScales(waveResistance, froude, 4) / slender ** 3);
}

/** How far a told top speed may stretch the tables of hulls. */
const mostScale = [0.05, 100] as const;

/** Froude number from which a displacement hull squats: rule of thumb. */
const squatsFrom = 0.65;

const tableSteps = 60;
const tableTop = 20;

/**
 * The body of a model afloat, with what the water holds it back with.
 * @param effort multiplies the resistance: a tow
 * @param watts that all its motors take together at full load
 * @param thrustAt newtons that its screws give together at full throttle, by its speed
 */
export function hullElement(
  build: Build,
  effort: number,
  watts: number,
  thrustAt: (metresPerSecond: number) => number,
  estimates: Estimates,
): ElementOfKind<'hull'> {
  const kilograms = hullKilograms(build, estimates);
  const kind = hullKindOf(build, kilograms, watts);
  const length = waterlineOf(build, estimates);
  const { topSpeed } = build.brief;
  const told =
    topSpeed === undefined ? 1 : thrustAt(topSpeed) / resistance(kind, kilograms, length, topSpeed);
  const scale =
    effort *
    estimates.take('model.resistance', 'how hard the water holds the hull back', undefined, {
      value: Math.min(Math.max(told, mostScale[0]), mostScale[1]),
      least: topSpeed === undefined ? 0.7 : 0.9,
      most: topSpeed === undefined ? 1.3 : 1.1,
      note:
        topSpeed === undefined
          ? 'tables of model hulls, rule of thumb; one measured speed corrects it'
          : 'from the top speed in the Brief and the thrust of the screws there',
    });
  // Finer where it is slow: resistance rises with a power of speed.
  const table = Array.from({ length: tableSteps + 1 }, (_, n): [number, number] => {
    const speed = tableTop * (n / tableSteps) ** 2;
    return [speed, scale * resistance(kind, kilograms, length, speed)];
  });
  return { kind: 'hull', id: bodyId, mass: 1.1 * kilograms, dragLinear: 0.02, dragSquare: 0, drag: table };
}
