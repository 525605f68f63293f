import type { Edit } from '../../model/plan/edits';
import type { LockerItem } from '../../model/kinds/locker-item';

/** What a part costs who builds: nothing where it lies on the shelf, `undefined` where nobody noted its price. */
export type CostOf = (partId: string) => number | undefined;

/** What the parts of a locker cost, by id, in whole and hundredth units of the person's own money. */
export const costsIn = (items: readonly LockerItem[]): ReadonlyMap<string, number> =>
  new Map(
    items.flatMap(({ part, state, price }) => {
      const cost = state === 'own' ? 0 : price;
      return cost === undefined ? [] : [[part.id, cost] as const];
    }),
  );

/** What some edits bring in that has to be bought: parts of no known price, and the money for the others. */
export function toBuy(edits: readonly Edit[], costOf: CostOf): { unpriced: number; money: number } {
  const costs = edits.flatMap((edit) =>
    edit.type === 'addFitting' || edit.type === 'swapPart' ? [costOf(edit.part.id)] : [],
  );
  return {
    unpriced: costs.filter((amps) => amps === undefined).length,
    money: costs.reduce<number>((sum, amps) => sum + (amps ?? 0), 0),
  };
}
