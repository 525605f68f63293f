import type { Edit } from '../plan/edits';
import type { LockerItem } from './locker-item';

/** What a part costs who builds: nothing where it lies on the shelf, `undefined` where nobody noted its price. */
export type CostOf = (partId: string) => number | undefined;

/** What the parts of a locker cost, in whole and hundredth units of the person's own money. */
export function costsIn(items: readonly LockerItem[]): CostOf {
  const costs = new Map(items.map((one) => [one.part.id, one.state === 'own' ? 0 : one.price]));
  return (partId) => costs.get(partId);
}

/** What some edits bring in that has to be bought: parts of no known price, and the money for the others. */
export function toBuy(edits: readonly Edit[], costOf: CostOf): { unpriced: number; money: number } {
  const costs = edits.flatMap((edit) =>
    edit.type === 'addFitting' || edit.type === 'swapPart' ? [costOf(edit.part.id)] : [],
  );
  return {
    unpriced: costs.filter((one) => one === undefined).length,
    money: costs.reduce<number>((sum, one) => sum + (one ?? 0), 0),
  };
}
