import { leastAtWorst, leastVolts, mostVolts, wakingState, type GivenVolts } from '../../limits/volts';
import type { PackState, VoltsByState } from '../../../model/packs/pack-state';
import { sourceName } from '../../../model/kinds/regulated/regulator-choices';
import { isUnder } from '../../../base/quantity/compare';
import type { Reading } from '../../../reading/build-reading/reading';
import { fittingSubject, type Missing, type Report } from '../../findings/report';
import type { Patch } from '../../../model/plan/patch';
import { formatQuantity } from '../../../base/quantity/format';
import type { Source, Supply } from '../../../reading/survey/power';
import { figureTerm, plannedTerm, solvedTerm, sourceTerm } from './terms';

export type VoltsMessage = 'tooManyVolts' | 'slightlyOver' | 'tooFewVolts' | 'weakAtEnd';

interface Offers {
  lower?: (mostVolts: number) => Patch[];
  higher?: (leastVolts: number) => Patch[];
}

/** Says so where a verdict is for the worst of several choices that nobody has chosen from. */
const unsetWords = (source: Source, volts: number): string =>
  source.isUnset ? `, which nobody has set and which may give ${formatQuantity(volts, 'V')}` : '';

/**
 * Volts on a part against its sheet, both ways: full and rested against the most; and against the least what the solved
 * network leaves with everything at work and the packs at cut-off; of cells that keep their usual volts for most of their
 * charge, at those first. Says what is missing where the sheet does not state the most.
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
  const given = givenTo(context, supply.volts, supply);
  const most = maxVolts && mostVolts(given, maxVolts.value);
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
  if (!minVolts) return said;
  const waking = wakingState(given);
  const states = new Map<PackState, 'tooFewVolts' | 'weakAtEnd'>([
    [waking, 'tooFewVolts'],
    ...(waking === 'cutoff' ? [] : [['cutoff', 'weakAtEnd'] as const]),
  ]);
  for (const [state, messageId] of states) {
    const still = supply.volts[state];
    const least = leastAtWorst(supply.fitted.kind, minVolts.value, still);
    const left = leftIn(context, state, [fitting.id, plus, minus], least);
    if (left === undefined || !leastVolts(left, least).passed) continue;
    said.push({
      messageId,
      data: { part: fitting.name, source: from, unset: unsetWords(source, source.volts.cutoff) },
      subjects,
      actual: Math.max(left, 0),
      limit: least,
      unit: 'V',
      formula: `volts at the part with everything at work, solved, ${state === 'cutoff' ? 'packs at cut-off' : 'cells at their usual volts'}, against the least of its sheet`,
      terms: [
        solvedTerm(`at the ${fitting.name}, solved`, left, 'V'),
        plannedTerm(`${from} gives, with nothing drawn`, source.volts[state], 'V'),
        figureTerm(`least for the ${fitting.name}`, minVolts, 'V'),
      ],
      offers: () => offers.higher?.(least) ?? [],
    });
    break;
  }
  return said;
}

/** Of what was said, what a rule has words for; and all that is missing. */
export const saidOf = <M extends VoltsMessage>(
  said: readonly (Report<VoltsMessage> | Missing)[],
  ...messages: readonly M[]
): (Report<M> | Missing)[] =>
  said.filter(
    (each): each is Report<M> | Missing =>
      'missing' in each || messages.some((message) => message === each.messageId),
  );

/** What a part is given where it takes its power, with the cells that it comes straight from. */
export function givenTo({ survey }: Reading, volts: VoltsByState, supply: Supply): GivenVolts {
  const packs = survey.packsAcross(supply);
  return { volts, cells: packs?.chemistry && { chemistry: packs.chemistry, cells: packs.cells } };
}

/** Volts left with everything at work; what even the worst second leaves above the least need not be looked into. */
function leftIn(
  { circuit }: Reading,
  state: PackState,
  across: [id: string, plus: string, minus: string],
  least: number,
): number | undefined {
  const atWorst = circuit.at('given', state)?.across(...across);
  if (atWorst !== undefined && !isUnder(atWorst, least, 'V')) return atWorst;
  return circuit.at('kept', state)?.across(...across);
}
