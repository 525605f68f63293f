import type { Reading } from '../../reading/build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Fitting } from '../../model/fitting/fitting';
import { differences, twins } from './differences';

/** A part with the place that it has, or had, in a build. */
interface PartAt {
  fitting: Fitting;
  part: PartSpec;
}

/** What becomes of the parts of a refit. */
export interface RefitParts {
  /** As they were, plugged and set the same way. */
  stays: Fitting[];
  /** In their place, plugged or set otherwise. */
  changed: Fitting[];
  /** Taken out of one place and put into another: the same part by its sheet. */
  reused: { part: PartSpec; was: Fitting; becomes: Fitting }[];
  /** Taken out, and wanted nowhere in the plan. */
  spare: PartAt[];
}

/** Where each part of the first of two builds goes: a part that comes out serves wherever the plan wants one like it. */
export function refitParts(from: Reading, to: Reading): RefitParts {
  const twin = twins(from, to);
  const kept = new Set(twin.values());
  const { stays } = differences(from, to);
  const left: PartAt[] = from.index.pieces().filter(({ fitting, part }) => {
    const other = twin.get(fitting.id);
    return other === undefined || to.index.get(other).part.id !== part.id;
  });
  const before = new Map([...twin].map(([was, is]) => [is, from.index.get(was).part.id]));
  const came = to.index
    .pieces()
    .filter(({ fitting, part }) => !kept.has(fitting.id) || before.get(fitting.id) !== part.id);
  const reused = came.flatMap(({ fitting, part }) => {
    const n = left.findIndex((each) => each.part.id === part.id);
    if (n < 0) return [];
    const [{ fitting: was }] = left.splice(n, 1) as [PartAt];
    return [{ part, was, becomes: fitting }];
  });
  const cameIds = new Set(came.map(({ fitting }) => fitting.id));
  const stayIds = new Set(stays.map(({ id }) => id));
  return {
    stays: to.index.pieces().flatMap(({ fitting }) => (stayIds.has(fitting.id) ? [fitting] : [])),
    changed: to.index
      .pieces()
      .flatMap(({ fitting: each }) => (stayIds.has(each.id) || cameIds.has(each.id) ? [] : [each])),
    reused,
    spare: left.map(({ fitting, part }) => ({ fitting, part })),
  };
}
