import { missingRoom } from '../../reading/berths/fit';
import { fittingSubject, type Report } from '../findings/report';
import { offerPlace } from '../put-right/place-part';
import { defineRule } from './rule';
import { millimetres, planTerm, sizeTerm } from './support/berth-terms';

/** Metres that are not worth a word. */
const trifle = 0.002;

/** Room for plugs and for leads to turn away, on the sides of parts where they leave. */
export const plugRoom = defineRule<'tight'>({
  meta: {
    id: 'plug-room',
    well: 'space',
    title: 'Room for plugs and for leads to turn',
    messages: {
      tight: {
        severity: 'mind',
        bound: 'least',
        text: 'the {{part}} has no room for its plugs beside {{by}}',
        why: 'Plugs sit crooked and work loose, and leads break where they are bent sharply.',
      },
    },
  },
  check(context) {
    const { layout } = context.survey;
    const { inside, laid } = layout;
    if (!inside) return [];
    return laid.flatMap((each): Report<'tight'>[] => {
      const others = laid.filter((other) => other !== each);
      const worst = layout
        .clearances(each.fitted)
        .flatMap((clearance) => {
          const missing = missingRoom(inside, each, clearance, others);
          return missing ? [{ ...missing, needed: clearance.metres }] : [];
        })
        .sort((a, b) => b.metres - a.metres)[0];
      if (!worst || worst.metres <= trifle) return [];
      const { id, name } = each.fitted.fitting;
      const has = worst.needed - worst.metres;
      return [
        {
          messageId: 'tight',
          data: { part: name, by: worst.by },
          subjects: [fittingSubject(id)],
          actual: millimetres(has),
          limit: millimetres(worst.needed),
          unit: 'mm',
          formula: 'free way before the side that its leads leave, against its plug and the bend of the lead',
          terms: [
            sizeTerm(each),
            planTerm('free way', has, 'stated'),
            planTerm(
              'plug and bend',
              worst.needed,
              'estimated',
              'usual for such plugs and leads, rule of thumb',
            ),
          ],
          offers: () => offerPlace(context, id),
        },
      ];
    });
  },
});
