import { heldLimit, heldVolts } from '../limits/dropout';
import { fittingSubject, type Report } from '../findings/report';
import { formatQuantity } from '../../base/quantity/format';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { defineRule } from './rule';
import { plannedTerm, solvedTerm } from './support/terms';

type Message = 'cannotHold' | 'sinksALittle';

/** The volts that a regulator is set to against what the packs leave it at cut-off. */
export const regulatorDropout = defineRule<Message>({
  meta: {
    id: 'regulator-dropout',
    well: 'voltage',
    title: 'Regulator volts against what the pack holds up',
    messages: {
      cannotHold: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} at the end, needs {{limit}}',
        text: '{{packs}} cannot hold the {{part}} at {{set}} to the end',
        why: 'A BEC gives less than it takes in. As the pack runs down the rail sinks with it, and servos get weaker and slower.',
      },
      sinksALittle: {
        severity: 'note',
        bound: 'least',
        numbers: '{{actual}} at the end, needs {{limit}}',
        text: 'the {{part}} sinks a little below {{set}} when {{packs}} {{are}} nearly empty',
        why: 'It is hardly felt, and comes just before the cut-off.',
      },
    },
  },
  check({ survey }) {
    return survey.sources.flatMap((source): Report<Message>[] => {
      const { fitted, terminal } = source;
      const { regulator } = terminal;
      const packs = survey.packOf(fitted.fitting.id);
      if (!regulator || !packs) return [];
      const { held, drop } = heldVolts(survey, fitted, regulator)!;
      // Where nobody has set it, the lowest choice is still open.
      const set = source.volts.cutoff;
      const { passed } = heldLimit(held, set);
      if (!passed) return [];
      const lower = regulator.voltsChoices.filter((choice) => choice <= held).sort((a, b) => b - a)[0];
      return [
        {
          messageId: passed,
          data: {
            part: regulatorName(fitted),
            packs: packs.name,
            set: formatQuantity(set, 'V'),
            are: packs.packs.length === 1 ? 'is' : 'are',
          },
          subjects: [fittingSubject(fitted.fitting.id)],
          actual: Math.max(held, 0),
          limit: set,
          unit: 'V',
          formula:
            'volts of the pack at cut-off − volts that the BEC needs above its output, against its setting',
          terms: [
            plannedTerm(`${packs.name}, at cut-off`, packs.volts.cutoff, 'V'),
            {
              ...solvedTerm('needed above its output', drop, 'V'),
              provenance: regulator.dropoutVolts?.provenance ?? 'estimated',
              note: 'dropout',
            },
            plannedTerm('set to', set, 'V'),
          ],
          offers: () =>
            lower === undefined
              ? []
              : [
                  {
                    id: `set-volts:${fitted.fitting.id}:${lower}`,
                    label: `Set the ${regulatorName(fitted)} to ${formatQuantity(lower, 'V')}`,
                    edits: [{ type: 'setRegulatorVolts', fitting: fitted.fitting.id, volts: lower }],
                  },
                ],
        },
      ];
    });
  },
});
