import { connectorFamily } from '../connectors/families';
import { mating, type MatingReason } from '../connectors/mating';
import { offerAdapters } from '../put-right/adapter';
import { offerOtherPlug } from '../put-right/re-terminate';
import { defineRule } from './rule';
import { fittingSubject, leadSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

const reasonWords: Record<MatingReason, string> = {
  pitch: 'their contacts stand at different pitch',
  poles: 'they have different numbers of contacts',
  gender: 'both have the same gender',
  form: 'they are of different form',
  size: 'their contacts differ in size',
};

/** Whether the two connectors of each lead go together. */
export const connectorMating = defineRule({
  meta: {
    id: 'connector-mating',
    well: 'connection',
    title: 'Connectors that go together',
    messages: {
      doesNotMate: {
        severity: 'stop',
        bound: 'exactly',
        text: 'the {{one}} and the {{other}} do not plug together: {{reason}}',
        why: 'A {{oneFamily}} meets a {{otherFamily}}. Without an adapter or another plug it cannot be connected.',
      },
      nearMiss: {
        severity: 'stop',
        bound: 'exactly',
        text: 'the plug of the {{one}} looks as if it fits the {{other}}, but {{reason}}',
        why: 'Forced on, it bends contacts or touches two at once: a loose joint at best, a short at worst.',
      },
    },
  },
  check(context) {
    const { index, build } = context;
    return build.leads.flatMap((lead) => {
      const [a, b] = [index.port(lead.from).connector, index.port(lead.to).connector];
      const result = mating(a, b);
      if (result.result === 'mates' || result.result === 'solder') return [];
      return [
        {
          messageId: result.result === 'nearMiss' ? ('nearMiss' as const) : ('doesNotMate' as const),
          data: {
            one: index.get(lead.from.fitting).fitting.name,
            other: index.get(lead.to.fitting).fitting.name,
            reason: reasonWords[result.reason],
            oneFamily: connectorFamily(a.family).name,
            otherFamily: connectorFamily(b.family).name,
          },
          subjects: [
            leadSubject(lead.id),
            fittingSubject(lead.from.fitting),
            fittingSubject(lead.to.fitting),
          ],
          actual: result.actual,
          limit: result.limit,
          unit: result.unit,
          formula: 'what decides between the two connectors, one against the other',
          terms: [
            plannedTerm(connectorFamily(a.family).name, result.actual, result.unit),
            plannedTerm(connectorFamily(b.family).name, result.limit, result.unit),
          ],
          offers: () => [...offerAdapters(context, lead), ...offerOtherPlug(context, lead)],
        },
      ];
    });
  },
});
