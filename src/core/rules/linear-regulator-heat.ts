import { totalAmps } from '../power/demand';
import { regulatorAmps } from '../power/regulator-amps';
import { formatQuantity } from '../quantity/format';
import { offerStandAloneBec } from './offers/stand-alone-bec';
import { defineRule, fittingSubject } from './rule';
import { inputVoltsOf } from './support/regulator-input';
import { demandTerms, missingAmps } from './support/rail-terms';
import { figureTerm, plannedTerm } from './support/terms';

/** Amps asked of a linear regulator against what its heat allows at this pack's volts. */
export const linearRegulatorHeat = defineRule({
  meta: {
    id: 'linear-regulator-heat',
    well: 'current',
    title: 'Rail amps against a linear regulator, whose heat shrinks its amps',
    messages: {
      tooHot: {
        severity: 'stop',
        bound: 'most',
        text: '{{rail}} asks more than the linear BEC of the {{source}} can give on {{input}}',
        why: 'A linear regulator burns the volts it takes off. It overheats, shuts down, and the receiver goes dark until it cools.',
      },
    },
  },
  check(context) {
    return context.rails.flatMap((rail) => {
      const [carrier] = rail.sources;
      const regulator = carrier?.terminal.regulator;
      if (!carrier || regulator?.type !== 'linear') return [];
      const { fitting } = carrier.fitted;
      const missing = missingAmps(rail);
      const input = inputVoltsOf(context, carrier);
      if (input === undefined) return missing;
      if (!regulator.maxWatts)
        return [
          {
            missing: `heat in watts that the ${fitting.name} can shed`,
            subjects: [fittingSubject(fitting.id)],
          },
        ];
      const output = carrier.volts.full;
      const limit = regulatorAmps(regulator, input, output);
      const asked = totalAmps(rail.counted);
      if (asked <= limit.value) return missing;
      const report = {
        messageId: 'tooHot' as const,
        data: { rail: rail.name, source: fitting.name, input: formatQuantity(input, 'V') },
        subjects: [fittingSubject(fitting.id)],
        actual: asked,
        limit: limit.value,
        unit: 'A' as const,
        formula: 'amps allowed = smaller of label amps and heat ÷ (input volts − output volts)',
        terms: [
          figureTerm('label amps', regulator.maxAmps, 'A'),
          figureTerm('heat it can shed', regulator.maxWatts, 'W'),
          plannedTerm('input volts, pack full', input, 'V'),
          plannedTerm('output volts', output, 'V'),
          ...demandTerms(rail),
        ],
        offers: offerStandAloneBec(context, rail),
      };
      return [report, ...missing];
    });
  },
});
