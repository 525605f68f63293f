import { carrierId } from '../plan/component-id';
import type { LockerItem } from '../locker/locker-item';
import type { CheckContext } from '../findings/context';

/** What is still to be bought for one stage. */
export interface StageCost {
  stage: 1 | 2 | 3;
  /** Sum of the known prices of parts that are not owned. */
  toBuy: number;
  /** Names of parts to buy whose price nobody noted. */
  unpriced: string[];
}

/**
 * The money that each stage of a build takes: parts that serve a later function belong to its stage, all
 * others to the first. What lies on the shelf costs nothing.
 */
export function stageCosts({ build, index }: CheckContext, locker: readonly LockerItem[]): StageCost[] {
  const items = new Map(locker.map((item) => [item.part.id, item]));
  const stageOf = new Map<string, 1 | 2 | 3>();
  // What serves several functions, as a board does, comes with the first of them.
  for (const { devices, stage = 1 } of build.functions)
    for (const id of devices.map(carrierId))
      stageOf.set(id, Math.min(stageOf.get(id) ?? 3, stage) as 1 | 2 | 3);
  const costs = new Map<1 | 2 | 3, StageCost>();
  for (const { fitting } of index.pieces()) {
    const item = items.get(fitting.part);
    if (item?.state === 'own') continue;
    const stage = stageOf.get(fitting.id) ?? 1;
    const cost = costs.get(stage) ?? { stage, toBuy: 0, unpriced: [] };
    costs.set(stage, cost);
    if (item?.price === undefined) cost.unpriced.push(fitting.name);
    else cost.toBuy = Math.round((cost.toBuy + item.price) * 100) / 100;
  }
  return [...costs.values()].sort((a, b) => a.stage - b.stage);
}
