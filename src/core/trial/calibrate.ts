import { checkContext } from '../check/check-context';
import type { Build } from '../plan/build';
import type { Measured } from '../plan/measured';
import type { Outing } from '../plan/outing';
import { failure, success, type Result } from '../result';
import { runTrial } from './run-trial';
import type { TrialResult } from './trial-result';
import { usualTask, type TrialTask } from './trial-task';

/** What can be read on the real model, with the units it is typed in. */
export const readings = {
  topSpeed: { name: 'Top speed, level, full ahead', unit: 'km/h', least: 0.2, most: 200 },
  fullAmps: { name: 'Amps at full ahead', unit: 'A', least: 0.05, most: 500 },
  motorCelsius: { name: 'Motor after this outing', unit: '°C', least: 0, most: 250 },
  controllerCelsius: { name: 'Controller after this outing', unit: '°C', least: 0, most: 250 },
  runMinutes: { name: 'Run time at this outing', unit: 'min', least: 0.5, most: 6000 },
} as const;
export type Reading = keyof typeof readings;

/** What a reading makes of an estimate. */
export interface Calibration {
  measured: Measured;
  /** What a person would call the estimate. */
  words: string;
  /** What the Trial gave before, in the unit of the reading. */
  before: number;
}

/** Charge at which a lithium cell stands at its nominal volts. */
const nominalCharge = 0.3;
const kilometresPerHour = 3.6;
const mostRuns = 30;
/** How far an estimate may be moved before the reading is told to be odd. */
const furthest = 8;
/** A figure this near, in shares, is the reading. */
const near = 0.004;

/** Up to full throttle, and on, on level ground or still water. */
const straight = (build: Build): Outing => ({
  id: 'straight',
  name: 'straight on',
  seconds: 40,
  effort: 1,
  tracks: build.functions
    .filter(({ role }) => role === 'drive')
    .map(({ id }) => ({
      function: id,
      points: [
        [0, 0],
        [1, 0],
        [2, 1],
      ],
    })),
});

/**
 * Moves the estimate that a reading bears on until the Trial gives the reading.
 * @param value in the unit of the reading
 * @param task the outing that temperatures and run time were read on
 * @returns why not, where no estimate explains it
 */
export function calibrate(
  build: Build,
  task: TrialTask,
  reading: Reading,
  value: number,
  on: string,
): Result<Calibration, string> {
  const atFull = { ...usualTask(straight(build)), charge: nominalCharge, air: task.air };
  const own = reading === 'topSpeed' || reading === 'fullAmps' ? atFull : task;
  const runWith = (factors?: ReadonlyMap<string, number>) => {
    const { factors: _, ...plain } = own;
    const run = runTrial(checkContext(build, []), {
      ...plain,
      ...(factors && { factors }),
      slices: 40,
      looseness: 10,
    });
    return run.ok ? run.value : undefined;
  };
  const first = runWith();
  const before = first && figureOf(build, first, reading);
  if (first === undefined || before === undefined) return failure('the Trial does not tell this figure here');
  const keys = keysFor(build, reading).filter((key) => first.estimates.some((each) => each.key === key));
  if (keys.length === 0) return failure('no estimate bears on it: all that decides it is stated already');
  for (const key of keys) {
    const at = (factor: number) => {
      const run = runWith(new Map([[key, factor]]));
      return run && figureOf(build, run, reading);
    };
    const factor = factorFor(at, value);
    if (factor === undefined) continue;
    const estimate = first.estimates.find((each) => each.key === key)!;
    const moved = (build.measured ?? []).find((each) => each.estimate === key)?.factor ?? 1;
    return success({
      measured: {
        estimate: key,
        factor: Number((moved * factor).toPrecision(4)),
        said: `${readings[reading].name.toLowerCase()} ${value} ${readings[reading].unit}`,
        on,
      },
      words: estimate.words,
      before,
    });
  }
  return failure(
    'no estimate moved within reason brings the Trial there. Is the reading right, and are the sheets?',
  );
}

/**
 * The factor within reach that brings a figure to a value, the figure rising or falling with it: false position on
 * logarithms, the stale end halved (Illinois).
 */
function factorFor(at: (factor: number) => number | undefined, value: number): number | undefined {
  const off = (log: number) => {
    const found = at(Math.exp(log));
    return found === undefined || found <= 0 ? undefined : Math.log(found / value);
  };
  let [a, b] = [-Math.log(furthest), Math.log(furthest)];
  let [offA, offB] = [off(a), off(b)];
  if (offA === undefined || offB === undefined || offA * offB > 0) return undefined;
  for (let n = 0; n < mostRuns; n += 1) {
    const next: number = b - (offB * (b - a)) / (offB - offA);
    const found = off(next);
    if (found === undefined) return undefined;
    if (Math.abs(found) < near) return Math.exp(next);
    if (found * offB < 0) [a, offA] = [b, offB];
    else offA /= 2;
    [b, offB] = [next, found];
  }
  return undefined;
}

function figureOf(build: Build, { figures, heat, amps }: TrialResult, reading: Reading): number | undefined {
  const ids = (kind: 'motor' | 'controller') => {
    const parts = new Set(build.parts.filter((part) => part.kind === kind).map((part) => part.id));
    return new Set(build.fittings.filter(({ part }) => parts.has(part)).map(({ id }) => id));
  };
  const hottest = (kind: 'motor' | 'controller') => {
    const own = ids(kind);
    const ends = heat.filter(({ id }) => own.has(id)).map(({ values }) => values.at(-1)!);
    return ends.length > 0 ? Math.max(...ends) : undefined;
  };
  switch (reading) {
    case 'topSpeed':
      return figures.topSpeed > 0 ? figures.topSpeed * kilometresPerHour : undefined;
    case 'fullAmps':
      return amps.reduce((sum, { values }) => sum + values.at(-1)!, 0);
    case 'motorCelsius':
      return hottest('motor');
    case 'controllerCelsius':
      return hottest('controller');
    case 'runMinutes':
      return Number.isFinite(figures.runMinutes) ? figures.runMinutes : undefined;
  }
}

/** Estimates that a reading bears on, the likeliest first. */
function keysFor(build: Build, reading: Reading): string[] {
  const of = (kind: 'motor' | 'controller' | 'pack', what: string) => {
    const parts = new Set(build.parts.filter((part) => part.kind === kind).map((part) => part.id));
    return build.fittings.filter(({ part }) => parts.has(part)).map(({ id }) => `${id}.${what}`);
  };
  const effort = ['model.resistance', 'model.rolling'];
  switch (reading) {
    case 'topSpeed':
      return ['model.gearRatio', 'model.resistance', ...of('motor', 'kv'), 'model.rolling'];
    case 'fullAmps':
      return ['model.screwDiameter', ...effort, ...of('motor', 'noLoadAmps')];
    case 'motorCelsius':
      return of('motor', 'cooling');
    case 'controllerCelsius':
      return of('controller', 'cooling');
    case 'runMinutes':
      return effort;
  }
}
