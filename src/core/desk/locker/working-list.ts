import { sheetFields, terminalsOf } from '../../model/kinds';
import { standsVolts, type GivenVolts } from '../../judgement/limits/volts';
import type { LockerItem } from '../../model/kinds/locker-item';
import { kilogramsOfPart } from '../../model/kinds/kilograms';
import { figureAt } from './sheet-fields';

/** What parts of a kind can be narrowed to. */
export const facets = ['all', 'own', 'mightBuy', 'fits', 'lacks'] as const;
export type Facet = (typeof facets)[number];

/** What they can be put in order by; as they come, what is owned is where it was kept. */
export const orders = ['asKept', 'name', 'price', 'mass'] as const;
export type Order = (typeof orders)[number];

export interface ListAsked {
  /** Words that must all stand in a part's name, maker or remark, in any order. */
  words: string;
  facet: Facet;
  order: Order;
  /** What a part of this kind would be given in the build; nothing where nothing feeds such a part. */
  meets: GivenVolts | undefined;
}

/** Whether a part is known to stand what it would meet; one that takes no volts, or without a build, does. */
export const fitsVolts = ({ part }: LockerItem, meets: GivenVolts | undefined): boolean =>
  meets === undefined ||
  (terminalsOf(part).consumes.length === 0 && part.kind !== 'motor') ||
  standsVolts(part, meets);

/** Whether a sheet is silent about some figure that decides, not about size and mass alone. */
const lacksFigure = ({ part }: LockerItem): boolean =>
  sheetFields(part)
    .filter(({ unit }) => !['mm', 'g', '°', 'teeth'].includes(unit))
    .some((field) => figureAt(part, field) === undefined);

/** The parts of a list that are asked for, in the order that is asked for. */
export function workingList(items: readonly LockerItem[], asked: ListAsked): LockerItem[] {
  const words = asked.words.toLowerCase().split(/\s+/).filter(Boolean);
  const isIn = (item: LockerItem): boolean => {
    const text = `${item.part.name} ${item.part.maker ?? ''} ${item.part.remark ?? ''}`.toLowerCase();
    return words.every((word) => text.includes(word)) && isOfFacet(item, asked);
  };
  const chosen = items.filter(isIn);
  switch (asked.order) {
    case 'asKept':
      return chosen;
    case 'name':
      return chosen.sort((a, b) => a.part.name.localeCompare(b.part.name, 'en', { numeric: true }));
    case 'price':
      return chosen.sort((a, b) => (a.price ?? Infinity) - (b.price ?? Infinity));
    case 'mass':
      return chosen.sort((a, b) => kilogramsOfPart(a.part) - kilogramsOfPart(b.part));
  }
}

function isOfFacet(item: LockerItem, { facet, meets }: ListAsked): boolean {
  switch (facet) {
    case 'all':
      return true;
    case 'own':
    case 'mightBuy':
      return item.state === facet;
    case 'fits':
      return fitsVolts(item, meets);
    case 'lacks':
      return lacksFigure(item);
  }
}
