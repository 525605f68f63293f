import { kindOfAny } from '../../model/kinds';
import { fittingSubject, type Report } from '../findings/report';
import { isHull } from '../../reading/berths/inside-sizes';
import { offerChange, offerPlace } from '../put-right/place-part';
import { defineRule } from './rule';
import { millimetres, planTerm } from './support/berth-terms';

/** Electronics against the water that may stand in the model. */
export const wetLine = defineRule<'inBilge'>({
  meta: {
    id: 'wet-line',
    well: 'space',
    title: 'Electronics over the water that may stand inside',
    messages: {
      inBilge: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} above the floor, needs {{limit}}',
        text: 'the {{part}} lies where water may stand, and is not sealed',
        why: 'A little always comes in, by shafts and over the deck. First odd behaviour, then corrosion.',
      },
    },
  },
  check(context) {
    const { inside, laid } = context.survey.layout;
    if (!inside || inside.wetLine <= 0) return [];
    return laid.flatMap(({ fitted, place }): Report<'inBilge'>[] => {
      const { fitting, part } = fitted;
      const isSafe = part.protection === 'sealed' || place.isBoxed === true || !kindOfAny(part).isDelicate;
      if (isSafe || place.z >= inside.wetLine) return [];
      const dry = Math.ceil((inside.wetLine + 0.001) * 1000) / 1000;
      const up = Math.round((dry - place.z) * 1000);
      return [
        {
          messageId: 'inBilge',
          data: { part: fitting.name },
          subjects: [fittingSubject(fitting.id)],
          actual: millimetres(place.z),
          limit: millimetres(inside.wetLine),
          unit: 'mm',
          formula: 'height of its underside over the base, against how high water may stand',
          terms: [
            planTerm('underside', place.z, 'stated'),
            planTerm(
              'water may stand to',
              inside.wetLine,
              inside.told.wetLine === undefined ? 'estimated' : 'stated',
              inside.told.wetLine === undefined
                ? `a tenth of the ${isHull(inside.form) ? 'depth' : 'height'}, rule of thumb`
                : undefined,
            ),
          ],
          offers: () => [
            ...offerChange(
              context,
              fitting.id,
              { z: dry },
              'raise',
              `Raise the ${fitting.name} ${up} mm, on a shelf or blocks`,
            ),
            ...offerChange(
              context,
              fitting.id,
              { isBoxed: true },
              'seal',
              `Seal the ${fitting.name} in a box or a bag`,
            ),
            ...offerPlace(context, fitting.id),
          ],
        },
      ];
    });
  },
});
