import type { Term } from '../../check/finding';
import type { Patch } from '../../build/patch';
import type { Source, Supply } from '../../power/power-picture';
import { fittingSubject, type Missing, type Report } from '../rule';
import { figureTerm, sourceTerm } from './terms';

type VoltsMessage = 'tooManyVolts' | 'tooFewVolts';

interface Offers {
  lower?: (mostVolts: number) => Patch[];
  higher?: (leastVolts: number) => Patch[];
}

/**
 * Volts on a part against its sheet, both ways: full charge against the most, cut-off against the least.
 * Says what is missing where the sheet does not state the most.
 */
export function voltsAgainstSheet(
  supply: Supply,
  source: Source,
  offers: Offers,
): (Report<VoltsMessage> | Missing)[] {
  const { fitting } = supply.fitted;
  const { minVolts, maxVolts } = supply.terminal;
  const { name: sourceName, id: sourceId } = source.fitted.fitting;
  const subjects = [fittingSubject(fitting.id), fittingSubject(sourceId)];
  if (!supply.volts) return [];
  if (!maxVolts) return [{ missing: `most volts of the ${fitting.name}`, subjects }];
  const { full, cutoff } = supply.volts;
  const report = (
    messageId: VoltsMessage,
    actual: number,
    limit: number,
    terms: Term[],
    patches: Patch[],
  ): Report<VoltsMessage> => ({
    messageId,
    data: { part: fitting.name, source: sourceName },
    subjects,
    actual,
    limit,
    unit: 'V',
    formula: 'volts on the part − volts its sheet allows',
    terms,
    offers: patches,
  });
  if (full > maxVolts.value) {
    const terms = [sourceTerm(source, full), figureTerm(`most for the ${fitting.name}`, maxVolts, 'V')];
    return [report('tooManyVolts', full, maxVolts.value, terms, offers.lower?.(maxVolts.value) ?? [])];
  }
  if (minVolts && cutoff < minVolts.value) {
    const low = {
      ...sourceTerm(source, cutoff),
      name: `${sourceName}, at its lowest`,
      note: 'at cut-off, or as set',
    };
    const terms = [low, figureTerm(`least for the ${fitting.name}`, minVolts, 'V')];
    return [report('tooFewVolts', cutoff, minVolts.value, terms, offers.higher?.(minVolts.value) ?? [])];
  }
  return [];
}
