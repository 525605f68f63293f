import { rememberedAlone } from '../../base/remembered';
import { finderOf } from '../../base/words/finder';
import { kinds, sheetFields, terminalsOf } from '../../model/kinds';
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
  /** Words of a part's name, kind, maker or remark, or what the bench calls the same. */
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

const finderOfParts = rememberedAlone((items: readonly LockerItem[]) =>
  finderOf(
    items.map(({ part }) => ({
      id: part.id,
      name: part.name,
      also: `${kinds[part.kind].words.one} ${part.maker ?? ''} ${part.remark ?? ''}`,
    })),
  ),
);

/** The parts that some words name, in their own order; all of them where nothing is typed. */
export function named(items: readonly LockerItem[], words: string): LockerItem[] {
  if (words.trim() === '') return [...items];
  const found = new Set(finderOfParts(items)(words));
  return items.filter(({ part }) => found.has(part.id));
}

/** The parts of a list that are asked for, in the order that is asked for. */
export function workingList(items: readonly LockerItem[], asked: ListAsked): LockerItem[] {
  const chosen = named(items, asked.words).filter((item) => isOfFacet(item, asked));
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
