import type { Brief } from '../../src/core/model/plan/brief';
import type { Build, ModelKind } from '../../src/core/model/plan/build';
import { stated } from '../../src/core/base/validation/figure';
import { driving, heavy, modelOf, radio, sheet, steering, toBlade } from './sound/model';

/** A motor by its size: N·m/√W and N·m of friction, and its speed per volt in rev/min. */
interface Size {
  strength: number;
  friction: number;
  kv: number;
  /** Amps that it is loaded with; a usual can's where not said. */
  loadAmps?: number;
}

const turnsPerVolt = 60_000;
const can540 = (turns: number): Size => ({ strength: 0.0136, friction: 0.0055, kv: turnsPerVolt / turns });

/** A drive motor made from its size: windings and idle amps follow. */
function motorOf(id: string, { strength, friction, kv, loadAmps = 10 }: Size) {
  const kt = 60 / (2 * Math.PI * kv);
  return sheet(id, {
    kv: stated(kv),
    windingOhms: stated((kt / strength) ** 2),
    noLoadAmps: stated(friction / kt),
    fullLoadAmps: stated(loadAmps),
    fullLoadVolts: stated(7.4),
    stallAmps: undefined,
    turns: undefined,
  });
}

interface Known {
  build: Build;
  /** At full throttle on level ground or still water, packs at their nominal volts: m/s, and amps of the drive. */
  top: Range;
  amps: Range;
  /** Most amps of the pack, from standing to full throttle within a second. */
  peak: Range;
  /** Charge at which the most is drawn from a standstill; nominal volts where not said. */
  peakCharge?: number;
  /** The outing that is usual for it, and the mean amps of the pack on it. */
  outing: string;
  mean: Range;
}

type Range = [least: number, most: number];

function known(
  name: string,
  model: ModelKind,
  size: Size,
  brief: Partial<Brief>,
  expected: Omit<Known, 'build'>,
  { pack = 'pack-lipo-2s-5000-20c', brushless = false, motors = 1, hasTwoSticks = false } = {},
): Known {
  const motorId = brushless ? 'motor-brushless-3500' : 'motor-brushed-55t';
  const ids = Array.from({ length: motors }, (_, n) => (n === 0 ? '' : `-${n + 1}`));
  // Two motors of one function hear one port.
  const isJoined = motors > 1 && !hasTwoSticks;
  const hasBlade = pack.startsWith('pack-nimh') || pack.endsWith('40c');
  const from = hasBlade ? 'pack.out' : 'adapter.out';
  return {
    ...expected,
    build: modelOf(name, model, {
      parts: [
        ['pack', 'pack', pack],
        ...(hasBlade ? [] : [toBlade]),
        ...(motors > 1 ? [['split', 'harness', 'harness-five-way'] as [string, string, string]] : []),
        ...radio,
        ...ids.flatMap((id): [string, string, string, object][] => [
          [
            `esc${id}`,
            `controller${id}`,
            brushless ? 'controller-brushless-60' : 'controller-brushed-60',
            { regulatorVolts: 5 },
          ],
          [`motor${id}`, `motor${id}`, motorId, {}],
        ]),
        ['servo', 'steering servo', 'servo-standard'],
        ...(isJoined ? [['y', 'Y-lead', 'y-lead'] as [string, string, string]] : []),
      ],
      leads: [
        ...(hasBlade ? [] : [['pack.out', 'adapter.in', heavy] as [string, string, object]]),
        ...(motors > 1 ? [[from, 'split.in', heavy] as [string, string, object]] : []),
        ...ids.flatMap((id, n): [string, string, object][] => [
          [motors > 1 ? `split.large ${n + 1}` : from, `esc${id}.power`, heavy],
          [`esc${id}.motor`, `motor${id}.motor`, heavy],
          [`esc${id}.lead`, isJoined ? `y.out ${n + 1}` : `rx.${3 + n}`, {}],
        ]),
        ...(isJoined ? [['y.in', 'rx.3'] as [string, string]] : []),
        ['servo.lead', 'rx.1'],
      ],
      works: hasTwoSticks
        ? ids.map((id, n) => [
            'Track' + id,
            'drive',
            'centring',
            n ? 'right-y' : 'left-y',
            3 + n,
            [`esc${id}`],
          ])
        : [steering('servo'), driving(...ids.map((id) => `esc${id}`))],
      brief,
      own: [motorOf(motorId, size)],
    }),
  };
}

/** Models whose speed and amps are well known, with the ranges that simulations of their own kind gave. */
export const knownModels: readonly Known[] = [
  known(
    'crawler 1:10, 55 turns, three cells',
    'crawler',
    can540(55),
    { kilograms: 2.5, gearRatio: 40, tyreDiameter: 0.115 },
    { top: [1.6, 1.8], amps: [0.85, 1.8], peak: [4, 8], outing: 'crawl', mean: [0.85, 1.6] },
    { pack: 'pack-lipo-3s-5000-40c' },
  ),
  known(
    'small crawler, two cells',
    'crawler',
    { strength: 0.0045, friction: 0.0009, kv: 2600, loadAmps: 2 },
    { kilograms: 0.5, gearRatio: 60, tyreDiameter: 0.055 },
    { top: [0.8, 0.95], amps: [0.25, 0.5], peak: [0.8, 2.4], outing: 'crawl', mean: [0.25, 0.4] },
  ),
  known(
    'touring car 1:10, two cells',
    'car',
    { strength: 0.021, friction: 0.0064, kv: 3300 },
    { kilograms: 1.5, gearRatio: 7, tyreDiameter: 0.066 },
    { top: [11.2, 12], amps: [4.5, 8.7], peak: [25, 38], outing: 'long', mean: [5.5, 8.7] },
    { brushless: true },
  ),
  known(
    'haulage truck 1:14, 35 turns',
    'truck',
    can540(35),
    { kilograms: 4.5, gearRatio: 18, tyreDiameter: 0.083 },
    { top: [2.6, 3], amps: [1.7, 3.5], peak: [10, 15], outing: 'long', mean: [1.7, 2.3] },
  ),
  known(
    'buggy 1:10, 27 turns, six cells NiMH',
    'car',
    can540(27),
    { kilograms: 1.6, gearRatio: 9.6, tyreDiameter: 0.085, surface: 'dirt' },
    { top: [6.3, 7.2], amps: [3.3, 5.3], peak: [10, 18], outing: 'long', mean: [3.9, 5.3] },
    { pack: 'pack-nimh-6-3000-10c' },
  ),
  known(
    'tank 1:16, a motor each side',
    'tracked machine',
    { strength: 0.0078, friction: 0.0024, kv: 2280 },
    { kilograms: 4, gearRatio: 60, tyreDiameter: 0.045 },
    { top: [0.58, 0.68], amps: [1.4, 2.4], peak: [4, 6.5], outing: 'long', mean: [1.4, 1.8] },
    { motors: 2, hasTwoSticks: true },
  ),
  known(
    'planing hull, two cells',
    'boat',
    { strength: 0.029, friction: 0.009, kv: 2400 },
    { kilograms: 1.6, screwDiameter: 0.034, screwPitch: 0.048, waterline: 0.66 },
    { top: [9, 11], amps: [29, 37], peak: [46, 60], peakCharge: 1, outing: 'sprint', mean: [20, 26] },
    { brushless: true },
  ),
  known(
    'launch, 55 turns, six cells NiMH',
    'boat',
    can540(55),
    { kilograms: 3, screwDiameter: 0.031, screwPitch: 0.03, waterline: 0.75 },
    { top: [1.35, 1.7], amps: [2.3, 2.9], peak: [2.7, 5], outing: 'long', mean: [1.5, 1.8] },
    { pack: 'pack-nimh-6-3000-10c' },
  ),
  known(
    'tug, two motors, three cells',
    'boat',
    { strength: 0.024, friction: 0.0085, kv: 620 },
    { kilograms: 6, screwDiameter: 0.04, screwPitch: 0.04, waterline: 0.85 },
    { top: [1.5, 2], amps: [6, 8.3], peak: [7.4, 14], outing: 'long', mean: [2.3, 3.1] },
    { pack: 'pack-lipo-3s-5000-40c', motors: 2 },
  ),
];
