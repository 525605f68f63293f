import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerChange } from '../put-right/place-part';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

/** How a pack is held: soft against edges, and so that it can be taken out. */
export const packHeld = defineRule<'hard'>({
  meta: {
    id: 'pack-held',
    well: 'space',
    title: 'Packs held soft and strapped',
    messages: {
      hard: {
        severity: 'mind',
        bound: 'least',
        short: 'pack without a strap',
        text: 'the {{pack}} is held by {{hold}}',
        why: 'A hard edge or a screw dents cells, and a dented cell can burn. Tape lets go when it is warm.',
      },
    },
  },
  check(context) {
    return context.survey.layout.laid.flatMap(({ fitted, place }): (Report<'hard'> | Missing)[] => {
      if (fitted.kind !== 'pack') return [];
      const { id, name } = fitted.fitting;
      const { hold } = place;
      if (hold === undefined)
        return [{ missing: `what holds the ${name}`, subjects: [fittingSubject(id)], asked: 'berths' }];
      if (hold === 'foam and strap' || hold === 'strap') return [];
      return [
        {
          messageId: 'hard',
          data: { pack: name, hold: hold === 'tape' ? 'tape alone' : hold },
          subjects: [fittingSubject(id)],
          actual: 0,
          limit: 1,
          unit: 'straps',
          formula: 'straps that hold it and can be opened',
          terms: [plannedTerm('straps', 0, 'straps'), plannedTerm('needs', 1, 'straps')],
          offers: () =>
            offerChange(
              context,
              id,
              { hold: 'foam and strap' },
              'pad',
              `Lay the ${name} on foam and strap it down`,
            ),
        },
      ];
    });
  },
});
