import { lastingLoad } from '../limits/amps';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { lastingAmps } from '../../model/kinds/regulated/regulator-amps';
import { defaults } from '../../model/kinds/defaults';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerStandAloneBec } from '../put-right/stand-alone-bec';
import { estimated } from '../../base/validation/figure';
import { formatQuantity } from '../../base/quantity/format';
import { defineRule } from './rule';
import { figureTerm, plannedTerm, solvedTerm } from './support/terms';
import { missingAmps } from './support/rail-terms';

/** Amps that a rail asks for minutes against what a linear regulator's heat allows at this pack's volts. */
export const linearRegulatorHeat = defineRule({
  meta: {
    id: 'linear-regulator-heat',
    well: 'current',
    title: 'Rail amps against a linear regulator, whose heat shrinks its amps',
    messages: {
      tooHot: {
        severity: 'stop',
        bound: 'most',
        text: '{{rail}} needs more than the linear {{source}} supplies for long on {{input}}',
        why: 'A linear regulator burns the volts it takes off. It overheats, shuts down, and the receiver goes dark until it cools.',
      },
    },
  },
  check(context) {
    const { survey, circuit } = context;
    return circuit.railLoads().flatMap(({ rail, unknown }): (Report<'tooHot'> | Missing)[] => {
      const [carrier] = rail.sources;
      const regulator = carrier?.terminal.regulator;
      if (!carrier || regulator?.type !== 'linear') return [];
      const { fitting } = carrier.fitted;
      const missing = missingAmps(unknown);
      const input = survey.supplyOf(fitting.id)?.volts?.full;
      if (input === undefined) return missing;
      const output = carrier.volts.full;
      const limit = lastingAmps(regulator, input, output);
      const asked = circuit.at('steady', 'nominal')?.regulatorAmps(fitting.id) ?? 0;
      const load = lastingLoad(asked, limit.value);
      if (!load.passed) return missing;
      const watts = regulator.maxWatts ?? estimated(defaults.linearWatts.value, defaults.linearWatts.note);
      return [
        {
          messageId: load.passed,
          data: { rail: rail.name, source: regulatorName(carrier.fitted), input: formatQuantity(input, 'V') },
          subjects: [fittingSubject(fitting.id)],
          actual: load.actual,
          limit: load.limit,
          unit: load.unit,
          formula:
            'amps for minutes, every servo moving its usual load, against the smaller of label amps and heat ÷ (input volts − output volts)',
          terms: [
            solvedTerm('amps for minutes', asked, 'A'),
            figureTerm('label amps', regulator.maxAmps, 'A'),
            figureTerm('heat it can shed', watts, 'W'),
            plannedTerm('input volts, pack full', input, 'V'),
            plannedTerm('output volts', output, 'V'),
          ],
          offers: () => offerStandAloneBec(context, rail),
        },
        ...missing,
      ];
    });
  },
});
