import { totalAmps } from '../power/demand';
import type { Rail } from '../power/rails';
import { offerStandAloneBec } from './offers/stand-alone-bec';
import { defineRule, fittingSubject, type Missing } from './rule';
import { figureTerm } from './support/terms';
import { schoolWords } from './support/school-words';
import { demandTerms, missingAmps } from './support/rail-terms';

/** Share of the regulator's amps above which little is left for a bad day. */
const tightShare = 0.9;

/** Amps asked of a rail, by the chosen school, against what its switching regulator gives. */
export const railAmps = defineRule({
  meta: {
    id: 'rail-amps',
    well: 'current',
    title: 'Rail amps against the regulator, by the chosen school',
    messages: {
      askedTooMuch: {
        severity: 'stop',
        bound: 'most',
        text: '{{rail}} asks more than the BEC of the {{source}} can give, with {{school}}',
        why: 'The regulator limits, the rail sinks under the receiver’s floor: jitter on full lock, then the radio drops out.',
      },
      tight: {
        severity: 'mind',
        bound: 'most',
        text: '{{rail}} leaves the BEC of the {{source}} almost nothing to spare, with {{school}}',
        why: 'It works today; a stiff linkage or a warm day uses up what is left.',
      },
    },
  },
  check(context) {
    return context.rails.flatMap((rail) => {
      const [carrier] = rail.sources;
      const regulator = carrier?.terminal.regulator;
      if (!carrier || regulator?.type !== 'switching') return [];
      const missing: Missing[] = missingAmps(rail);
      const asked = totalAmps(rail.counted);
      const limit = regulator.maxAmps;
      if (asked <= limit.value * tightShare) return missing;
      const report = {
        messageId: asked > limit.value ? ('askedTooMuch' as const) : ('tight' as const),
        data: {
          rail: rail.name,
          source: carrier.fitted.fitting.name,
          school: schoolWords[context.build.policies.regulatorSizing],
        },
        subjects: [fittingSubject(carrier.fitted.fitting.id), ...worstAskers(rail).map(fittingSubject)],
        actual: asked,
        limit: limit.value,
        unit: 'A' as const,
        formula: 'sum of the amps asked on the rail, against the amps of the one regulator that carries it',
        terms: [...demandTerms(rail), figureTerm(`most from the ${carrier.fitted.fitting.name}`, limit, 'A')],
        offers: offerStandAloneBec(context, rail),
      };
      return [report, ...missing];
    });
  },
});

const worstAskers = (rail: Rail): string[] =>
  rail.counted.filter((one) => one.stalled).map((one) => one.supply.fitted.fitting.id);
