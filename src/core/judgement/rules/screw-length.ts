import { fittingSubject, type Report } from '../findings/report';
import { offerChange } from '../put-right/place-part';
import { defineRule } from './rule';
import { millimetres, planTerm } from './support/berth-terms';

/** Screws against the bosses that they go into. */
export const screwLength = defineRule<'tooLong'>({
  meta: {
    id: 'screw-length',
    well: 'space',
    title: 'Screws that end in their boss',
    messages: {
      tooLong: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} screws, {{limit}} deep',
        text: 'the screws of the {{part}} are longer than their bosses are deep',
        why: 'They strip the plastic, or come out on the far side and into what lies there.',
      },
    },
  },
  check(context) {
    return context.survey.layout.laid.flatMap(({ fitted, place }): Report<'tooLong'>[] => {
      const { hold, screwInto, bossDepth } = place;
      if (hold !== 'screws' || screwInto === undefined || bossDepth === undefined) return [];
      if (screwInto <= bossDepth) return [];
      const { id, name } = fitted.fitting;
      return [
        {
          messageId: 'tooLong',
          data: { part: name },
          subjects: [fittingSubject(id)],
          actual: millimetres(screwInto),
          limit: millimetres(bossDepth),
          unit: 'mm',
          formula: 'how far the screw reaches in, against the depth of the boss',
          terms: [planTerm('screw reaches in', screwInto, 'stated'), planTerm('boss', bossDepth, 'stated')],
          offers: () =>
            offerChange(
              context,
              id,
              { screwInto: Math.floor(bossDepth * 1000 - 0.5) / 1000 },
              'shorter-screws',
              `Take screws that reach ${Math.floor(bossDepth * 1000 - 0.5)} mm in`,
            ),
        },
      ];
    });
  },
});
