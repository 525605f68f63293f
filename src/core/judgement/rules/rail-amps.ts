import { railLoad } from '../limits/amps';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerStandAloneBec } from '../put-right/stand-alone-bec';
import { defineRule } from './rule';
import { missingAmps, shareTerms } from './support/rail-terms';
import { schoolWords } from './support/school-words';
import { figureTerm } from './support/terms';

type Message = 'askedTooMuch' | 'tight';

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
        text: '{{rail}} asks more than the {{source}} can give, with {{school}}',
        why: 'The regulator limits, the rail sinks under the receiver’s floor: jitter on full lock, then the radio drops out.',
      },
      tight: {
        severity: 'mind',
        bound: 'most',
        text: '{{rail}} leaves the {{source}} almost nothing to spare, with {{school}}',
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
        const load = limit && railLoad(amps, limit.value);
        if (!carrier || !limit || !load?.passed) return missing;
        const worst = shares.filter((share) => share.isStalled).map((share) => share.fitted.fitting.id);
        return [
          {
            messageId: load.passed,
            data: {
              rail: rail.name,
              source: regulatorName(carrier.fitted),
              school: schoolWords[context.build.policies.regulatorSizing],
            },
            subjects: [fittingSubject(carrier.fitted.fitting.id), ...worst.map(fittingSubject)],
            actual: load.actual,
            limit: load.limit,
            unit: load.unit,
            formula:
              'amps that the parts on the rail take at the worst second, in the solved network, against the amps of the one regulator that carries it',
            terms: [
              ...shareTerms(shares),
              figureTerm(`most from the ${regulatorName(carrier.fitted)}`, limit, 'A'),
            ],
            offers: () => offerStandAloneBec(context, rail),
          },
          ...missing,
        ];
      });
  },
});
