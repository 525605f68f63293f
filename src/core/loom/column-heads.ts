import { formatQuantity } from '../quantity/format';
import type { CheckContext } from '../rules/rule';
import type { PartKind } from '../parts/part-spec';
import { columnOf, type Column } from './column';

export interface ColumnHead {
  column: Column;
  /** Ids of the parts that the head stands over. */
  over: string[];
  name: string;
  /** The volts or amps at its head. */
  figure: string;
  /** Whether the figure tells of trouble. */
  isBad: boolean;
}

/** What stands at the head of each column: the volts that feed it, or the amps that it asks. */
export function columnHeads({ index, picture, packs, rails }: CheckContext): ColumnHead[] {
  const packVolts = picture.sources
    .filter((one) => one.fitted.part.kind === 'pack')
    .map((one) => one.volts.full);
  const packAmps = packs.reduce((sum, one) => sum + one.amps, 0);
  const isOverdrawn = packs.some((one) => one.allowedAmps !== undefined && one.amps > one.allowedAmps);
  const rail = rails.find((one) => one.supplies.some((supply) => supply.fitted.part.kind === 'receiver'));
  const railVolts = [...new Set(rail?.sources.map((one) => one.volts.full))];
  const asked = rails.reduce(
    (sum, one) => sum + one.counted.reduce((amps, share) => amps + share.amps, 0),
    0,
  );
  const over = (...kinds: PartKind[]) =>
    kinds.flatMap((kind) => index.ofKind(kind).map((one) => one.fitting.id));
  const served = rails
    .flatMap((one) => one.supplies.map((supply) => supply.fitted))
    .filter((one) => columnOf(one) === 'served');
  return [
    { over: over('pack'), column: 'pack', name: 'Pack', figure: voltsList(packVolts, ' full'), isBad: false },
    {
      over: over('controller', 'bec'),
      column: 'drive',
      name: 'Drive',
      figure: `${formatQuantity(packAmps, 'A')} asked`,
      isBad: isOverdrawn,
    },
    {
      over: over('receiver'),
      column: 'radio',
      name: 'Rail',
      figure: voltsList(railVolts, '') || 'not fed',
      isBad: rail ? rail.sources.length !== 1 : true,
    },
    {
      over: served.map((one) => one.fitting.id),
      column: 'served',
      name: 'Served',
      figure: `${formatQuantity(asked, 'A')} asked`,
      isBad: false,
    },
  ];
}

const voltsList = (volts: readonly number[], after: string): string =>
  volts.length === 0 ? '' : `${volts.map((one) => one.toFixed(1)).join(' and ')} V${after}`;
