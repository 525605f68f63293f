import { fittingSubject, type Report } from '../findings/report';
import { offerPlace } from '../put-right/place-part';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

/** Hand switches where a hand gets at them. */
export const switchReach = defineRule<'shutIn'>({
  meta: {
    id: 'switch-reach',
    well: 'space',
    title: 'Hand switches within reach',
    messages: {
      shutIn: {
        severity: 'mind',
        bound: 'least',
        short: 'no hand gets to it',
        text: 'no hand gets to the {{part}} in the {{berth}} with the model closed',
        why: 'When something runs away, nobody can switch it off without tools.',
      },
    },
  },
  check(context) {
    return context.survey.layout.laid.flatMap(({ fitted, berth }): Report<'shutIn'>[] => {
      const { part, fitting } = fitted;
      if (part.kind !== 'cable' || part.form !== 'switch' || berth?.isReached !== false) return [];
      return [
        {
          messageId: 'shutIn',
          data: { part: fitting.name, berth: berth.name },
          subjects: [fittingSubject(fitting.id)],
          actual: 0,
          limit: 1,
          unit: 'openings',
          formula: 'openings by which a hand gets there with lid or body on',
          terms: [plannedTerm('openings', 0, 'openings'), plannedTerm('needs', 1, 'openings')],
          offers: () => offerPlace(context, fitting.id),
        },
      ];
    });
  },
});
