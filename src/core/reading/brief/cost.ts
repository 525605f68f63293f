import { carrierId } from '../../model/fitting/component-id';
import type { LockerItem } from '../../model/kinds/locker-item';
import type { Reading } from '../build-reading/reading';

/** Money of some of a build's parts. */
interface Sum {
  /** Sum of the known prices of parts that are not owned. */
  toBuy: number;
  /** Names of parts to buy whose price nobody noted. */
  unpriced: string[];
}

/** What is still to be bought for one stage. */
interface StageCost extends Sum {
  stage: 1 | 2 | 3;
}

/** What is still to be bought for one function; `undefined` for what serves all of them, as the radio and the pack. */
interface FunctionCost extends Sum {
  function: string | undefined;
}

interface BuildCost {
  stages: StageCost[];
  functions: FunctionCost[];
  toBuy: number;
  /** All known prices, of what is owned too. */
  worth: number;
  /** Parts with no price, owned or not. */
  unpriced: number;
}

const cents = (value: number): number => Math.round(value * 100) / 100;

/** The part of the locker that a part of a build is, as it is or with a changed sheet or plug. */
function itemOf(items: ReadonlyMap<string, LockerItem>, partId: string): LockerItem | undefined {
  return items.get(partId) ?? items.get(partId.replace(/-(?:v\d+|replugged)$/, ''));
}

/**
 * The money that a build takes, whole, by stage and by function: parts that serve a later function belong to its stage,
 * all others to the first. What lies on the shelf costs nothing.
 */
export function buildCost({ build, index }: Reading, locker: readonly LockerItem[]): BuildCost {
  const items = new Map(locker.map((item) => [item.part.id, item]));
  const stageOf = new Map<string, 1 | 2 | 3>();
  const functionOf = new Map<string, string>();
  // What serves several functions, as a board does, comes with the first of them.
  for (const { name, devices, stage = 1 } of build.functions)
    for (const id of devices.map(carrierId)) {
      stageOf.set(id, Math.min(stageOf.get(id) ?? 3, stage) as 1 | 2 | 3);
      if (!functionOf.has(id)) functionOf.set(id, name);
    }
  const stages = new Map<1 | 2 | 3, StageCost>();
  const functions = new Map<string | undefined, FunctionCost>();
  const whole = { toBuy: 0, worth: 0, unpriced: 0 };
  for (const { fitting } of index.pieces()) {
    const item = itemOf(items, fitting.part);
    whole.worth += item?.price ?? 0;
    if (item?.price === undefined) whole.unpriced += 1;
    if (item?.state === 'own') continue;
    whole.toBuy += item?.price ?? 0;
    const stage = stageOf.get(fitting.id) ?? 1;
    const served = functionOf.get(fitting.id);
    const sums = [
      stages.get(stage) ?? { stage, toBuy: 0, unpriced: [] },
      functions.get(served) ?? { function: served, toBuy: 0, unpriced: [] },
    ] as const;
    stages.set(stage, sums[0]);
    functions.set(served, sums[1]);
    for (const sum of sums)
      if (item?.price === undefined) sum.unpriced.push(fitting.name);
      else sum.toBuy = cents(sum.toBuy + item.price);
  }
  return {
    stages: [...stages.values()].sort((a, b) => a.stage - b.stage),
    functions: [...functions.values()],
    toBuy: cents(whole.toBuy),
    worth: cents(whole.worth),
    unpriced: whole.unpriced,
  };
}
