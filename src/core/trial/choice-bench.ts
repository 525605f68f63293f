import { drivelineOf } from '../brief/driveline';
import { checkContext } from '../check/check-context';
import { cellVolts, isLithium } from '../packs/chemistry';
import type { Build } from '../plan/build';
import { applyEdits, type Edit } from '../plan/edits';
import { Estimates } from '../circuit/estimates';
import { kilogramsOf } from '../circuit/values/vehicle-values';
import { estimated } from '../quantity/figure';
import { runTrial } from './run-trial';
import type { TrialTask } from './trial-task';
import { verdictOf } from './verdict';

/** What can be chosen by what it does: gears, a screw's size, a pack's capacity. */
const choices = ['gearRatio', 'screwDiameter', 'screwPitch', 'ampHours'] as const;
export type Choice = (typeof choices)[number];

/** The hottest part of a kind at the end, °C, the range that this is sure to, and what it stands. */
export interface ChoiceHeat {
  celsius: number;
  least: number;
  most: number;
  limit: number;
}

/** How far a rise above the air may be off, as a share of it: rule of thumb. */
export const riseSpread = 0.25;

/** One value of a choice, and what the outing makes of it. */
export interface ChoicePoint {
  value: number;
  /** m/s. */
  topSpeed: number;
  /** From the packs. */
  meanAmps: number;
  mostAmps: number;
  runMinutes: number;
  /** Absent where there is none. */
  motor?: ChoiceHeat;
  controller?: ChoiceHeat;
  /** The limit that it breaks first, as a sentence; absent where it breaks none. */
  breaks?: string;
}

/** A choice as it can be tried on a build. */
export interface ChoiceRange {
  choice: Choice;
  now: number;
  /** Values to try, rising, the present one among them. */
  values: number[];
}

/** How far each is tried, as shares of what it is now. */
const reach: Record<Choice, readonly [number, number]> = {
  gearRatio: [0.5, 2],
  screwDiameter: [0.6, 1.5],
  screwPitch: [0.6, 1.6],
  ampHours: [0.4, 2.5],
};

/** Values on either side of the present one. */
const eachSide = 6;

/** Watt-hours that a kilogram of pack holds: rules of thumb. */
const wattHoursPerKilogram = { lithium: 150, other: 70 };

/** What can be chosen on a build, with values to try. */
export function choicesOf(build: Build): ChoiceRange[] {
  const context = checkContext(build, []);
  const driveline = drivelineOf(context);
  const now: Partial<Record<Choice, number>> = {
    ...(driveline?.moves === 'wheels' && { gearRatio: driveline.gearRatio }),
    ...(driveline?.moves === 'screw' && {
      screwDiameter: driveline.diameter,
      screwPitch: driveline.pitch,
    }),
  };
  const pack = context.index.ofKind('pack')[0]?.part.ampHours;
  if (pack) now.ampHours = pack.value;
  return choices.flatMap((choice) => {
    const value = now[choice];
    return value === undefined ? [] : [{ choice, now: value, values: spread(value, reach[choice]) }];
  });
}

function spread(now: number, [least, most]: readonly [number, number]): number[] {
  const side = (end: number) => Array.from({ length: eachSide }, (_, n) => now * end ** ((n + 1) / eachSide));
  return [...side(least).reverse(), now, ...side(most)];
}

/** The edits that make a choice. Another capacity changes what the pack weighs, where the Brief tells a mass. */
export function choiceEdits(build: Build, choice: Choice, value: number): Edit[] {
  if (choice !== 'ampHours') return [{ type: 'setBrief', change: { [choice]: value } }];
  const context = checkContext(build, []);
  const [pack] = context.index.ofKind('pack');
  if (!pack) return [];
  const { chemistry, cells, ampHours } = pack.part;
  const hours = (value - (ampHours?.value ?? value)) * cells * cellVolts(chemistry).nominal;
  const heavier = hours / (isLithium(chemistry) ? wattHoursPerKilogram.lithium : wattHoursPerKilogram.other);
  const kilograms = Math.max(kilogramsOf(build, new Estimates(build.measured)) + heavier, 0.05);
  return [
    { type: 'changeSheet', sheet: { ...pack.part, ampHours: estimated(value, 'tried') } },
    { type: 'setBrief', change: { kilograms } },
  ];
}

/** A build with another number of cells in every pack. */
const withCells = (build: Build, more: number): Build => ({
  ...build,
  parts: build.parts.map((part) =>
    part.kind === 'pack' ? { ...part, cells: Math.max(part.cells + more, 1) } : part,
  ),
});

/**
 * What an outing makes of one value of a choice; `undefined` where it cannot be followed.
 * @param moreCells cells that each pack has more than now
 */
export function choicePoint(
  build: Build,
  task: TrialTask,
  choice: Choice,
  value: number,
  moreCells = 0,
): ChoicePoint | undefined {
  const tried = withCells(applyEdits(build, choiceEdits(build, choice, value)), moreCells);
  const context = checkContext(tried, []);
  const run = runTrial(context, { ...task, slices: 60, looseness: 10 });
  if (!run.ok) return undefined;
  const { figures, heat, events } = run.value;
  const hottest = (kind: 'motor' | 'controller') => {
    const ids = new Set(context.index.ofKind(kind).map(({ fitting }) => fitting.id));
    const [worst] = heat
      .filter(({ id }) => ids.has(id))
      .map(({ values, limit }) => ({ celsius: Math.max(...values), limit }))
      .sort((a, b) => b.celsius - b.limit - (a.celsius - a.limit));
    if (!worst) return undefined;
    const off = riseSpread * Math.max(worst.celsius - task.air, 0);
    return { [kind]: { ...worst, least: worst.celsius - off, most: worst.celsius + off } };
  };
  const isBroken = events.some(({ kind }) => kind !== 'limit' && kind !== 'stall');
  return {
    value,
    topSpeed: figures.topSpeed,
    meanAmps: figures.meanPackAmps,
    mostAmps: figures.mostPackAmps,
    runMinutes: figures.runMinutes,
    ...hottest('motor'),
    ...hottest('controller'),
    ...(isBroken && { breaks: verdictOf(run.value).words }),
  };
}
