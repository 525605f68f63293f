import { fromCells, mostToGive, mostVolts } from '../../judgement/limits/volts';
import { terminalsOf } from '../../model/kinds';
import type { Fitted } from '../../model/kinds/fitted';
import type { BuildIndex } from '../../model/plan/build-index';

/**
 * Whether a pack belongs on the receiver's row: nothing in the build wants it raw, and the receiver and every servo stand its
 * volts. Volts come before the shape of a plug; of a sheet that is silent the least is taken that such a part is sold for.
 */
export function feedsReceiver(index: BuildIndex, { part }: Fitted<'pack'>): boolean {
  const isDrive = index
    .all()
    .some((fitted) => fitted.kind === 'controller' || terminalsOf(fitted.part).gives?.regulator);
  if (isDrive || index.ofKind('receiver').length === 0) return false;
  return [...index.ofKind('receiver'), ...index.ofKind('servo')].every(
    (fitted) => mostVolts(fromCells(part), mostToGive(fitted.part).volts).passed !== 'tooManyVolts',
  );
}
