import { fittingSubject, type Report } from '../findings/report';
import { offerChange, offerPlace } from '../put-right/place-part';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'closedIn' | 'inFoam';

/** Air for what gets warm. */
export const controllerAir = defineRule<Message>({
  meta: {
    id: 'controller-air',
    well: 'space',
    title: 'Air for controllers',
    messages: {
      closedIn: {
        severity: 'mind',
        bound: 'least',
        short: 'no air to cool it',
        text: 'no air gets to the {{part}} in the {{berth}}',
        why: 'It gets hot and cuts out under way, sooner than its label says.',
      },
      inFoam: {
        severity: 'mind',
        bound: 'least',
        short: 'wrapped in foam',
        text: 'the {{part}} is wrapped in foam',
        why: 'Foam keeps its heat in: it cuts out under way, or the foam melts.',
      },
    },
  },
  check(context) {
    return context.survey.layout.laid.flatMap(({ fitted, berth, place }): Report<Message>[] => {
      if (fitted.kind !== 'controller') return [];
      const isInFoam = place.hold === 'foam and strap' || place.isBoxed === true;
      if (!isInFoam && berth?.isAired !== false) return [];
      const { id, name } = fitted.fitting;
      return [
        {
          messageId: isInFoam ? 'inFoam' : 'closedIn',
          data: { part: name, berth: berth?.name ?? '' },
          subjects: [fittingSubject(id)],
          actual: 0,
          limit: 1,
          unit: 'openings',
          formula: 'ways by which air gets to it',
          terms: [plannedTerm('ways for air', 0, 'openings'), plannedTerm('needs', 1, 'openings')],
          offers: () => [
            ...(isInFoam
              ? offerChange(
                  context,
                  id,
                  { hold: 'tape', isBoxed: false },
                  'unwrap',
                  `Hold the ${name} with tape, in the open`,
                )
              : offerAir(context, berth?.id)),
            ...offerPlace(context, id),
          ],
        },
      ];
    });
  },
});

/** Openings cut into a berth. */
function offerAir({ survey }: Parameters<typeof offerPlace>[0], berthId: string | undefined) {
  const { inside } = survey.layout;
  const berth = inside?.berths.find(({ id }) => id === berthId);
  if (!inside || !berth) return [];
  return [
    {
      id: `air:${berth.id}`,
      label: `Open the ${berth.name} to the air`,
      edits: [
        {
          type: 'setInside' as const,
          inside: {
            ...inside.told,
            berths: inside.berths.map((each) => (each === berth ? { ...each, isAired: true } : each)),
          },
        },
      ],
    },
  ];
}
