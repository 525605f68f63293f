import { leastAtWorst, leastVolts, mostVolts, type GivenVolts } from '../../limits/volts';
import type { VoltsByState } from '../../../model/packs/pack-state';
import { sourceName } from '../../../model/kinds/regulated/regulator-choices';
import { isUnder } from '../../../base/quantity/compare';
import type { Reading } from '../../../reading/build-reading/reading';
import { fittingSubject, type Missing, type Report } from '../../findings/report';
import type { Patch } from '../../../model/plan/patch';
import { formatQuantity } from '../../../base/quantity/format';
import type { Source, Supply } from '../../../reading/survey/power';
import { figureTerm, plannedTerm, solvedTerm, sourceTerm } from './terms';

export type VoltsMessage = 'tooManyVolts' | 'slightlyOver' | 'tooFewVolts';

interface Offers {
  lower?: (mostVolts: number) => Patch[];
  higher?: (leastVolts: number) => Patch[];
}

/** Says so where a verdict is for the worst of several choices that nobody has chosen from. */
const unsetWords = (source: Source, volts: number): string =>
  source.isUnset ? `, which nobody has set and which may give ${formatQuantity(volts, 'V')}` : '';

/**
 * Volts on a part against its sheet, both ways: full and rested against the most; and against the least what the solved
 * network leaves with everything at work and the packs at cut-off. Says what is missing where the sheet does not state the most.
 */
export function voltsAgainstSheet(
  context: Reading,
  supply: Supply,
  source: Source,
  offers: Offers,
): (Report<VoltsMessage> | Missing)[] {
  const { fitting } = supply.fitted;
  const { minVolts, maxVolts, plus, minus } = supply.terminal;
  const { id: sourceId } = source.fitted.fitting;
  const from = sourceName(source.fitted);
  const subjects = [fittingSubject(fitting.id), fittingSubject(sourceId)];
  if (!supply.volts) return [];
  const said: (Report<VoltsMessage> | Missing)[] = [];
  if (!maxVolts) said.push({ missing: `most volts of the ${fitting.name}`, subjects });
  const { full } = supply.volts;
  const most = maxVolts && mostVolts(givenTo(context, supply.volts, supply), maxVolts.value);
  if (maxVolts && most?.passed) {
    said.push({
      messageId: most.passed,
      data: { part: fitting.name, source: from, unset: unsetWords(source, full) },
      subjects,
      actual: full,
      limit: maxVolts.value,
      unit: 'V',
      formula: 'volts on the part, packs full and rested − volts its sheet allows',
      terms: [sourceTerm(context, source, full), figureTerm(`most for the ${fitting.name}`, maxVolts, 'V')],
      offers: () => offers.lower?.(maxVolts.value) ?? [],
    });
    // What is ordinary while cells are fresh says nothing of their end.
    if (most.passed === 'tooManyVolts') return said;
  }
  const least = minVolts && leastAtWorst(supply.fitted.kind, minVolts.value, supply.volts.cutoff);
  const left = least && leftAtCutOff(context, fitting.id, plus, minus, least);
  if (minVolts && least && left !== undefined && leastVolts(left, least).passed) {
    said.push({
      messageId: 'tooFewVolts',
      data: { part: fitting.name, source: from, unset: unsetWords(source, source.volts.cutoff) },
      subjects,
      actual: Math.max(left, 0),
      limit: least,
      unit: 'V',
      formula:
        'volts at the part in the network solved with everything at work and packs at cut-off, against the least of its sheet',
      terms: [
        solvedTerm(`at the ${fitting.name}, solved`, left, 'V'),
        plannedTerm(`${from} gives, with nothing drawn`, source.volts.cutoff, 'V'),
        figureTerm(`least for the ${fitting.name}`, minVolts, 'V'),
      ],
      offers: () => offers.higher?.(minVolts.value) ?? [],
    });
  }
  return said;
}

/** What a part is given where it takes its power, with the cells that it comes straight from. */
export function givenTo({ survey }: Reading, volts: VoltsByState, supply: Supply): GivenVolts {
  const packs = survey.packsAcross(supply);
  return { volts, cells: packs?.chemistry && { chemistry: packs.chemistry, cells: packs.cells } };
}

/** Volts left with everything at work; what even the worst second leaves above the least need not be looked into. */
function leftAtCutOff(
  { circuit }: Reading,
  id: string,
  plus: string,
  minus: string,
  least: number,
): number | undefined {
  const atWorst = circuit.at('given', 'cutoff')?.across(id, plus, minus);
  if (atWorst !== undefined && !isUnder(atWorst, least, 'V')) return atWorst;
  return circuit.at('kept', 'cutoff')?.across(id, plus, minus);
}
