import type { Inside } from '../../../reading/berths/inside';
import type { Laid, Layout } from '../../../reading/berths/layout';
import type { Term } from '../../../base/quantity/term';
import { weakestProvenance, type Provenance } from '../../../base/validation/figure';
import type { Unit } from '../../../base/quantity/format';

/** Metres as they are read on a rule: in tenths of a millimetre. */
export const millimetres = (metres: number): number => Math.round(metres * 10_000) / 10;

/** A length of the plan, in millimetres. */
export const planTerm = (name: string, metres: number, provenance: Provenance, note?: string): Term => ({
  name,
  value: millimetres(metres),
  unit: 'mm',
  provenance,
  ...(note && { note }),
});

const usualShape = 'usual for a model of its shape and mass, until yours is measured';

/** How sure the rooms of a model are: those of a usual one are estimates. */
export const roomsProvenance = ({ told }: Inside): Provenance =>
  told.berths !== undefined || told.length !== undefined ? 'stated' : 'estimated';

/** A figure of the model's shape. */
export const shapeTerm = (inside: Inside, name: string, value: number, unit: Unit): Term => {
  const provenance = roomsProvenance(inside);
  return { name, value, unit, provenance, ...(provenance === 'estimated' && { note: usualShape }) };
};

/** The longest side of a part, for how sure its size is. */
export const sizeTerm = ({ size, fitted }: Laid): Term => ({
  name: `${fitted.fitting.name}, longest side`,
  value: millimetres(Math.max(size.long, size.wide, size.high)),
  unit: 'mm',
  provenance: size.provenance,
  ...(size.provenance === 'estimated' && { note: 'usual for its kind and mass; its sheet lacks a size' }),
});

/** Whether what is said of some parts' room rests on sizes that nobody read. */
export const isGuessed = (inside: Inside, laid: readonly Laid[]): boolean =>
  weakestProvenance([roomsProvenance(inside), ...laid.map(({ size }) => size.provenance)]) === 'estimated';

/** Names of parts that lie nowhere yet, a few of them. */
export function looseWords({ loose }: Pick<Layout, 'loose'>): string {
  const names = loose.map(({ fitting }) => `the ${fitting.name}`);
  return names.length <= 2
    ? names.join(' and ')
    : `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
}
