import type { LockerItem } from '../kinds/locker-item';
import type { PartSpec } from '../kinds/part-spec';
import type { Clash } from './clash';
import { mergeFields } from './merge-values';

/**
 * The changes of two windows to one sheet of the locker, put together field by field; of one field that both changed,
 * mine stays and the clash is told.
 * @param base what this window last saw
 */
export function mergeItems(
  base: LockerItem,
  mine: LockerItem,
  theirs: LockerItem,
): { item: LockerItem; clashes: Clash[] } {
  const clashes: Clash[] = [];
  const what = `the sheet of "${mine.part.name}"`;
  const part = mergeFields<PartSpec>(base.part, mine.part, theirs.part, what, clashes);
  const notes = ({ part: _, ...rest }: LockerItem) => rest;
  return {
    item: { ...mergeFields(notes(base), notes(mine), notes(theirs), what, clashes), part },
    clashes,
  };
}
