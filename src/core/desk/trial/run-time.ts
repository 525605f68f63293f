import type { Reading } from '../../reading/build-reading/reading';
import { usualOutings } from './outings';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';

/** What the usual outing of a model asks of its packs. */
export interface UsualRun {
  outing: string;
  /** Amps of all packs together, in the mean. */
  meanAmps: number;
  /** Minutes that the usable charge of each pack lasts, by its fitting; none of one that gives next to nothing. */
  minutes: ReadonlyMap<string, number>;
}

/** Charge of a pack under which its use on an outing tells nothing of its time. */
const leastUsed = 1e-4;

/**
 * Takes a build through the long outing that is usual for its kind.
 * @returns nothing where it has none, where the receiver never wakes, where no signal reaches a part of a function, or where the run could not be followed
 */
export function usualRun(context: Reading): UsualRun | undefined {
  const { build } = context;
  const outing = usualOutings(build).find(({ id }) => id === 'long');
  if (!outing) return undefined;
  const task = { ...usualTask(outing), slices: 1, looseness: 10 };
  const run = runTrial(context, task);
  if (!run.ok || !run.value.figures.hasWoken) return undefined;
  const { charge, figures, seconds, unreached } = run.value;
  // A time without the parts that hear nothing would be praise for leaving them out.
  if (unreached.length > 0) return undefined;
  return {
    outing: outing.name,
    meanAmps: figures.meanPackAmps,
    minutes: new Map(
      charge.flatMap(({ id, values }) => {
        const used = task.charge - (values.at(-1) ?? task.charge);
        if (used < leastUsed) return [];
        return [[id, (build.policies.usableShare * seconds) / (60 * used)] as const];
      }),
    ),
  };
}

/** Minutes until the first pack is used up on the usual outing; nothing where none could be run, or it takes next to nothing. */
export function usualMinutes(context: Reading): number | undefined {
  const minutes = [...(usualRun(context)?.minutes.values() ?? [])];
  return minutes.length === 0 ? undefined : Math.min(...minutes);
}
