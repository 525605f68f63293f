import type { Reading } from '../../reading/build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import { capital } from '../../base/words/sentences';

/** Every part of a build with what it costs: for the sheet, and for whoever sells the model on. */
export interface PartsList {
  title: string;
  heads: readonly string[];
  rows: readonly (readonly string[])[];
}

const stateWords: Record<LockerItem['state'], string> = {
  own: 'owned',
  mightBuy: 'to buy',
  catalogue: 'to buy',
};

/** Parts in the order of the build; alike ones each on its own line, since each has its own place. */
export function partsList({ index }: Reading, items: readonly LockerItem[], currency: string): PartsList {
  const known = new Map(items.map((item) => [item.part.id, item]));
  const pieces = index.pieces().map(({ fitting, part }) => ({ fitting, part, item: known.get(part.id) }));
  const priced = pieces.flatMap(({ item }) => (item?.price === undefined ? [] : [item.price]));
  const sum = priced.reduce((all, price) => all + price, 0);
  const missing = pieces.length - priced.length;
  return {
    title: 'Parts',
    heads: ['Part', 'Sheet', 'State', currency === '' ? 'Price' : `Price, ${currency}`],
    rows: [
      ...pieces.map(({ fitting, part, item }) => [
        capital(fitting.name),
        part.name,
        item ? stateWords[item.state] : 'not in the locker',
        item?.price?.toFixed(2) ?? '',
      ]),
      ...(priced.length > 0
        ? [['All', missing > 0 ? `${missing} without a price` : '', '', sum.toFixed(2)]]
        : []),
    ],
  };
}
