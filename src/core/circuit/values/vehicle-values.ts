import type { Build, ModelKind } from '../../plan/build';
import type { Estimates } from '../estimates';
import type { RoadLoad } from '../site';

/** How a kind of model moves where nothing was measured: rules of thumb. */
interface UsualMotion {
  /** m/s at full throttle. */
  top: number;
  kilograms: number;
  /** Force to roll as a share of weight: rubber on a hard floor 0.02, on rough ground 0.1, tracks 0.25. */
  rolling: number;
  /** Drag coefficient times frontal area, m². */
  dragArea: number;
}

const usual: Record<ModelKind, UsualMotion> = {
  boat: { top: 1.4, kilograms: 3, rolling: 0, dragArea: 0 },
  yacht: { top: 1.2, kilograms: 3, rolling: 0, dragArea: 0 },
  car: { top: 9, kilograms: 1.6, rolling: 0.04, dragArea: 0.025 },
  crawler: { top: 0.9, kilograms: 2.4, rolling: 0.12, dragArea: 0 },
  truck: { top: 1.8, kilograms: 3.5, rolling: 0.05, dragArea: 0 },
  'tracked machine': { top: 0.7, kilograms: 6, rolling: 0.25, dragArea: 0 },
};

/** kg/m³ at 20 °C, and m/s². */
const airDensity = 1.2;
const gravity = 9.81;

/** Share of a motor's torque that reaches the ground through gears: rule of thumb. */
const gearShare = 0.75;

/** Share of its unloaded speed that a motor turns at when the model goes as fast as it is geared for. */
const gearedShare = 0.85;

/** Whether screws and a hull move it; wheels or tracks otherwise. */
export const isAfloat = ({ model }: Build): boolean => model === 'boat' || model === 'yacht';

/** Speed in m/s at full throttle: the Brief's, or what its kind of model usually reaches. */
export const topSpeed = ({ brief, model }: Build): number => brief.topSpeed ?? usual[model].top;

/** Force to roll as a share of weight that is usual for a kind of model: rule of thumb. */
export const usualRolling = (model: ModelKind): number => usual[model].rolling;

/** Mass in kilograms that is usual for a kind of model: rule of thumb. */
export const usualKilograms = ({ model }: Build): number => usual[model].kilograms;

/** Mass of the model in kilograms: the Brief's, or usual for its kind. */
export const modelKilograms = (build: Build): number => build.brief.kilograms ?? usualKilograms(build);

/** Speed in rad/s at which a motor brings the model to its top speed. @param volts nominal, of the pack */
export const gearedSpeed = (kv: number, volts: number): number =>
  (gearedShare * kv * volts * 2 * Math.PI) / 60;

/**
 * Rolling, drag and mass of a vehicle as one of its motors feels them: F = Crr·m·g + ½·ρ·CdA·v² through
 * gears that make v = top·ω/ω_top, and J = m·(v/ω)² for the kinetic energy.
 * @param motors that share the work
 */
export function roadLoad(build: Build, geared: number, motors: number, estimates: Estimates): RoadLoad {
  const { kilograms, rolling, dragArea, top } = usual[build.model];
  const mass =
    build.brief.kilograms ??
    estimates.take('model.kilograms', 'mass of the model', undefined, {
      value: kilograms,
      least: 0.6,
      most: 1.8,
      note: 'usual for its kind, rule of thumb; the Brief takes yours',
    });
  const crr = estimates.take('model.rolling', 'how hard the model is to roll', undefined, {
    value: rolling,
    least: 0.5,
    most: 2,
    note: 'rolling force as a share of weight, rule of thumb',
  });
  const reach =
    build.brief.topSpeed ??
    estimates.take('model.topSpeed', 'how fast the model is geared', undefined, {
      value: top,
      least: 0.6,
      most: 1.5,
      note: 'top speed of its kind, rule of thumb; the Brief takes yours',
    });
  const metresPerRadian = reach / geared;
  const share = 1 / (gearShare * motors);
  return {
    constant: crr * mass * gravity * metresPerRadian * share,
    square: 0.5 * airDensity * dragArea * metresPerRadian ** 3 * share,
    inertia: (mass * metresPerRadian ** 2) / motors,
  };
}
