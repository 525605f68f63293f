import { extent } from 'd3-array';
import { drivelineOf } from '../../reading/brief/driveline';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { Estimates } from '../../model/kinds/estimates';
import { kilogramsOf } from '../../reading/motion/vehicle-values';
import { packKilograms, wattHours } from '../../model/packs/pack-volts';
import { estimated } from '../../base/validation/figure';
import { runTrial } from './run-trial';
import { estimatesOf, sampleFactors } from './tolerance';
import type { TrialTask } from './trial-task';
import { verdictOf } from './verdict';

/** What can be chosen by what it does: gears, a screw's size, a pack's capacity. */
const choices = ['gearRatio', 'screwDiameter', 'screwPitch', 'ampHours'] as const;
export type Choice = (typeof choices)[number];

/** The hottest part of a kind, °C, and what it stands. */
interface ChoiceHeat {
  celsius: number;
  limit: number;
}

/** Figures of an outing that hang on the estimates, and that a choice is made by. */
const unsureFigures = ['topSpeed', 'meanAmps', 'runMinutes', 'motorCelsius', 'controllerCelsius'] as const;

/** Least and most of each figure over the runs with its estimates elsewhere in their ranges. */
export type ChoiceSpread = Partial<
  Record<(typeof unsureFigures)[number], readonly [least: number, most: number]>
>;

/** Runs beside the first that a spread is taken from; the same places in the ranges for every value of a choice. */
const spreadRuns = 6;

/** One value of a choice, and what the outing makes of it. */
export interface ChoicePoint {
  value: number;
  /** m/s. */
  topSpeed: number;
  /** Top speeds beyond this are doubtful: the hull squats. */
  doubtfulFrom?: number;
  /** From the packs. */
  meanAmps: number;
  mostAmps: number;
  runMinutes: number;
  /** Absent where there is none. */
  motor?: ChoiceHeat;
  controller?: ChoiceHeat;
  /** The limit that it breaks first, as a sentence; absent where it breaks none. */
  breaks?: string;
  /** Absent until it is asked for. */
  spread?: ChoiceSpread;
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

/** What can be chosen on a build, with values to try. */
export function choicesOf(build: Build): ChoiceRange[] {
  const context = readingOf(build, []);
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
  const context = readingOf(build, []);
  const [pack] = context.index.ofKind('pack');
  if (!pack) return [];
  const { chemistry, ampHours } = pack.part;
  const heavier = packKilograms(chemistry, wattHours(pack.part, value - (ampHours?.value ?? value)));
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

/** One value of a choice to try on a build. */
export interface ChoiceTry {
  choice: Choice;
  value: number;
  /** Cells that each pack has more than now. */
  moreCells: number;
  /** Whether to say as well how far the estimates leave it open: takes several runs. */
  withSpread: boolean;
}

/** What an outing makes of one value of a choice; `undefined` where it cannot be followed. */
export function choicePoint(
  build: Build,
  task: TrialTask,
  { choice, value, moreCells, withSpread }: ChoiceTry,
): ChoicePoint | undefined {
  const tried = withCells(applyEdits(build, choiceEdits(build, choice, value)), moreCells);
  const context = readingOf(tried, []);
  const point = pointOf(context, task, value);
  return point && withSpread ? { ...point, spread: spreadOf(context, task, point) } : point;
}

/** The range of each figure over some runs with the estimates elsewhere, always the same for the same estimates. */
function spreadOf(context: Reading, task: TrialTask, point: ChoicePoint): ChoiceSpread {
  const estimates = estimatesOf(context, task);
  const points = Array.from({ length: spreadRuns }, (_, n) =>
    pointOf(context, { ...task, factors: sampleFactors(estimates, spreadSeed, n).factors }, point.value),
  );
  const all = [point, ...points].flatMap((each) => each ?? []);
  return Object.fromEntries(
    unsureFigures.flatMap((name) => {
      const [least, most] = extent(all.flatMap((each) => figureOf(each, name) ?? []));
      return least === undefined ? [] : [[name, [least, most]]];
    }),
  );
}

const spreadSeed = 1;

/** A figure of a point by its name; absent where it has none, or one without end. */
export function figureOf(point: ChoicePoint, name: keyof ChoiceSpread): number | undefined {
  if (name === 'motorCelsius') return point.motor?.celsius;
  if (name === 'controllerCelsius') return point.controller?.celsius;
  return Number.isFinite(point[name]) ? point[name] : undefined;
}

function pointOf(context: Reading, task: TrialTask, value: number): ChoicePoint | undefined {
  const run = runTrial(context, { ...task, slices: 60, looseness: 10 });
  if (!run.ok) return undefined;
  const { figures, heat, events, speed } = run.value;
  const hottest = (kind: 'motor' | 'controller') => {
    const ids = new Set(context.index.ofKind(kind).map(({ fitting }) => fitting.id));
    const [worst] = heat
      .filter(({ id }) => ids.has(id))
      .map(({ values, limit }) => ({ celsius: Math.max(...values), limit }))
      .sort((a, b) => b.celsius - b.limit - (a.celsius - a.limit));
    return worst && { [kind]: worst };
  };
  const isBroken = events.some(({ kind }) => kind !== 'limit' && kind !== 'stall');
  return {
    value,
    topSpeed: figures.topSpeed,
    ...(speed.doubtfulFrom !== undefined && { doubtfulFrom: speed.doubtfulFrom }),
    meanAmps: figures.meanPackAmps,
    mostAmps: figures.mostPackAmps,
    runMinutes: figures.runMinutes,
    ...hottest('motor'),
    ...hottest('controller'),
    ...(isBroken && { breaks: verdictOf(run.value).words }),
  };
}
