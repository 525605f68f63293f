import { railLoad } from '../limits/amps';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerStandAloneBec } from '../put-right/stand-alone-bec';
import { defineRule } from './rule';
import { missingAmps, shareTerms } from './support/rail-terms';
import { schoolWords } from './support/school-words';
import { figureTerm, solvedTerm } from './support/terms';
import { sinksTo } from './support/worst-second';
import { formatQuantity } from '../../base/quantity/format';
import type { Reading } from '../../reading/build-reading/reading';
import type { Rail } from '../../reading/survey/rails';

type Message = 'askedTooMuch' | 'sinks' | 'tight';

/** Amps asked of a rail, by the chosen school, against what its regulator gives for seconds. */
export const railAmps = defineRule<Message>({
  meta: {
    id: 'rail-amps',
    well: 'current',
    title: 'Rail amps against the regulator, by the chosen school',
    messages: {
      askedTooMuch: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} needed, {{limit}} supplied',
        text: '{{rail}} needs more than the {{source}} supplies, with {{school}}',
        why: 'The regulator limits, or shuts down: the rail sinks under the receiver’s floor and the radio drops out.',
      },
      sinks: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} needed, {{limit}} supplied',
        text: '{{rail}} briefly needs more than the {{source}} supplies, and sinks{{left}}',
        why: 'Servos go weak and slow for that second; the radio stays up. Held for more than some ten seconds, a hot regulator may shut down.',
      },
      tight: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} needed, {{limit}} supplied',
        text: '{{rail}} leaves the {{source}} little to spare, with {{school}}',
        why: 'It works today; a stiff linkage or a warm day uses up what is left.',
      },
    },
  },
  check(context) {
    return context.circuit
      .railLoads()
      .flatMap(({ rail, amps, shares, unknown }): (Report<Message> | Missing)[] => {
        const [carrier] = rail.sources;
        const missing: Missing[] = missingAmps(unknown);
        const limit = carrier?.terminal.regulator?.maxAmps;
        const sunk = sinksTo(context, rail);
        const load =
          limit && railLoad({ worst: amps, lasting: lastingAsked(context, rail), ...sunk }, limit.value);
        if (!carrier || !limit || !load?.passed) return missing;
        const worst = shares.filter((share) => share.isStalled).map((share) => share.fitted.fitting.id);
        return [
          {
            messageId: load.passed,
            data: {
              rail: rail.name,
              source: regulatorName(carrier.fitted),
              school: schoolWords[context.build.policies.regulatorSizing],
              left: sunk.volts === undefined ? '' : ` to ${formatQuantity(sunk.volts, 'V')}`,
            },
            subjects: [fittingSubject(carrier.fitted.fitting.id), ...worst.map(fittingSubject)],
            actual: load.actual,
            limit: load.limit,
            unit: load.unit,
            formula: 'amps that the rail takes at the worst second, solved, against those of its regulator',
            terms: [
              ...shareTerms(shares),
              ...(sunk.volts === undefined
                ? []
                : [solvedTerm('left at the receiver meanwhile', sunk.volts, 'V')]),
              figureTerm(`most from the ${regulatorName(carrier.fitted)}`, limit, 'A'),
            ],
            offers: () => offerStandAloneBec(context, rail),
          },
          ...missing,
        ];
      });
  },
});

/** Amps that a rail asks for minutes, no servo stalled. */
const lastingAsked = ({ circuit }: Reading, rail: Rail): number => {
  const steady = circuit.at('steady', 'full');
  return rail.supplies.reduce((sum, { fitted }) => sum + (steady?.takenAmps(fitted) ?? 0), 0);
};
