import type { PartKind, PartOfKind } from './part-spec';
import type { Fitting } from '../fitting/fitting';

/** A fitting together with its sheet; the kind tells which sheet. */
export type Fitted<K extends PartKind = PartKind> = {
  [P in K]: { readonly kind: P; readonly fitting: Fitting; readonly part: PartOfKind<P> };
}[K];
