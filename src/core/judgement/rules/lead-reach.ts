import { isDoubtful, isShort, slack, type Route } from '../../reading/berths/lead-routes';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, leadSubject, type Report } from '../findings/report';
import { offerLonger } from '../put-right/extend-lead';
import type { Fitting } from '../../model/fitting/fitting';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { millimetres, planTerm, roomsProvenance } from './support/berth-terms';

type Message = 'short' | 'shortGuessed' | 'unmeasured';

/** Leads against the way that they have to go. */
export const leadReach = defineRule<Message>({
  meta: {
    id: 'lead-reach',
    well: 'space',
    title: 'Leads long enough for their way',
    messages: {
      short: {
        severity: 'stop',
        bound: 'least',
        numbers: '{{actual}} long, needs {{limit}}',
        text: 'the lead of the {{part}} does not reach the {{other}}{{by}}',
        why: 'Stretched, it pulls out of its port on full lock, or cannot be plugged in at all.',
      },
      shortGuessed: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} long, needs {{limit}}',
        text: 'the lead of the {{part}} may not reach the {{other}}{{by}}, in a model of usual sizes',
        why: 'Stretched, it pulls out of its port. Measure the model, and this is sure.',
      },
      unmeasured: {
        severity: 'note',
        bound: 'least',
        numbers: '{{actual}} long, needs {{limit}}',
        text: 'usual leads of the {{part}} may not reach the {{other}}{{by}}: measure it',
        why: 'Measure it before it is fitted: it may want an extension, and the plan takes it to be as long as its way.',
      },
    },
  },
  check(context) {
    const { inside, routes } = context.survey.layout;
    if (!inside) return [];
    return routes.flatMap((route): Report<Message>[] => {
      const { run, way, needed } = route;
      const isGuess = isDoubtful(route);
      if (!isShort(route) && !isGuess) return [];
      const has = route.has ?? route.usual;
      const [from, to] = ends(context, route);
      const through = way.passages
        .filter(({ across }) => across !== undefined)
        .map(({ name }) => `the ${name}`);
      return [
        {
          messageId: isGuess
            ? 'unmeasured'
            : roomsProvenance(inside) === 'estimated'
              ? 'shortGuessed'
              : 'short',
          data: {
            part: from.name,
            other: to.name,
            by: through.length > 0 ? ` through ${nameList(through)}` : '',
          },
          subjects: [
            ...run.leads.map(({ id }) => leadSubject(id)),
            ...[from, to].map(({ id }) => fittingSubject(id)),
          ],
          actual: millimetres(has),
          limit: millimetres(needed),
          unit: 'mm',
          formula: `the shortest way through the berths and passages, and ${slack * 100} % of slack`,
          terms: [
            isGuess
              ? planTerm('such a lead', has, 'estimated', 'usual for what it is for; nobody measured it')
              : planTerm('lead', has, 'stated'),
            planTerm('way', way.metres, roomsProvenance(inside)),
            planTerm('with slack', needed, roomsProvenance(inside)),
          ],
          offers: () => offerLonger(context, route),
        },
      ];
    });
  },
});

/** The part whose lead it is first: a servo before the receiver. */
function ends({ index }: Reading, { run }: Route): [Fitting, Fitting] {
  const [a, b] = [index.get(run.from.fitting), index.get(run.to.fitting)];
  return b.kind === 'servo' || a.kind === 'receiver' ? [b.fitting, a.fitting] : [a.fitting, b.fitting];
}
