import type { Reading } from '../../reading/build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import type { PlugNamer } from '../loom/lead-rows';
import type { BenchList } from './bench-list';
import { leadSchedule } from './lead-schedule';
import { shoppingList } from './shopping-list';
import { solderList } from './solder-list';

/** The lists of a build: what is to be bought, what is to be soldered, its leads. */
export const benchLists = (
  context: Reading,
  items: readonly LockerItem[],
  plugName?: PlugNamer,
): BenchList[] => [
  shoppingList(context, items, plugName),
  solderList(context, plugName),
  leadSchedule(context, plugName),
];

/** All lists as one table: which list a line is of, and its cells under the heads of all lists. */
export function scheduleTable(lists: readonly BenchList[]): { fields: string[]; data: string[][] } {
  const heads = [...new Set(lists.flatMap((list) => list.heads))];
  return {
    fields: ['List', ...heads],
    data: lists.flatMap(({ title, heads: own, lines }) =>
      lines.map(({ cells }) => [title, ...heads.map((head) => cells[own.indexOf(head)] ?? '')]),
    ),
  };
}
