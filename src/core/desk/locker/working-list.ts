import { sheetFields } from '../../model/kinds';
import type { LockerItem } from '../../model/parts/locker-item';
import { kilogramsOfPart } from '../../model/parts/kilograms';
import { figureAt } from './sheet-fields';
import { voltSpan } from './volt-ladder';

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
  /** Volts of the build that a part of this kind would meet; none where there are none. */
  volts: number | undefined;
}

/** Whether a part stands the volts that it would meet; one without volts of its own, or without a build, does. */
export function standsVolts({ part }: LockerItem, volts: number | undefined): boolean {
  const span = voltSpan(part);
  return !span || span.gives || volts === undefined || (volts >= span.least && volts <= span.most);
}

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

function isOfFacet(item: LockerItem, { facet, volts }: ListAsked): boolean {
  switch (facet) {
    case 'all':
      return true;
    case 'own':
    case 'mightBuy':
      return item.state === facet;
    case 'fits':
      return standsVolts(item, volts);
    case 'lacks':
      return lacksFigure(item);
  }
}
