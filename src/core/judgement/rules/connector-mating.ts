import { connectorFamily } from '../../model/connectors/families';
import { mating, type Connector, type MatingReason } from '../../model/connectors/mating';
import { offerAdapters } from '../put-right/adapter';
import { offerOtherPlug } from '../put-right/re-terminate';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { fittingSubject, leadSubject, type Missing, type Report } from '../findings/report';
import type { Lead } from '../../model/plan/lead';
import type { Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import type { BuildIndex } from '../../model/plan/build-index';
import { plannedTerm } from './support/terms';

const reasonWords: Record<MatingReason, string> = {
  pitch: 'their contacts stand at different pitch',
  poles: 'they have different numbers of contacts',
  gender: 'both have the same gender',
  form: 'they are of different form',
  size: 'their contacts differ in size',
};

type Message = 'doesNotMate' | 'nearMiss' | 'needsTrimming';

/** Whether the two connectors of each lead go together. */
export const connectorMating = defineRule<Message>({
  meta: {
    id: 'connector-mating',
    well: 'connection',
    title: 'Connectors that go together',
    messages: {
      doesNotMate: {
        severity: 'stop',
        bound: 'exactly',
        short: 'plugs of two forms',
        text: 'the {{one}} and the {{other}} do not plug together: {{reason}}',
        why: 'A {{oneFamily}} meets a {{otherFamily}}. Without an adapter or another plug it cannot be connected.',
      },
      nearMiss: {
        severity: 'stop',
        bound: 'exactly',
        short: 'pitch {{actual}} on {{limit}}',
        text: 'the plug of the {{one}} looks as if it fits the {{other}}, but {{reason}}',
        why: 'Forced on, it bends contacts or touches two at once: a loose joint at best, a short at worst.',
      },
      needsTrimming: {
        severity: 'note',
        bound: 'most',
        short: 'lug in the way',
        text: 'the plug of the {{one}} goes into the {{other}} once {{what}} is cut off',
        why: 'Housings of other makers have it, and the sockets have no slot for it. Trimmed with a knife it fits, and can be put in the wrong way round.',
      },
    },
  },
  check(context) {
    const { index, build } = context;
    return build.leads.flatMap((lead): (Report<Message> | Missing)[] => {
      const [a, b] = [index.port(lead.from).connector, index.port(lead.to).connector];
      const result = mating(a, b);
      if (result.result === 'mates' || result.result === 'solder') return [];
      if (result.result === 'unknown') return unknownPlugs(index, lead);
      if (result.result === 'trim') return [trimmed(index, lead, result.what)];
      return [
        {
          messageId: result.result === 'nearMiss' ? 'nearMiss' : 'doesNotMate',
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

/** Plugs that nobody has told of yet, one question a lead. */
function unknownPlugs(index: BuildIndex, lead: Lead): Missing[] {
  const open = [lead.from, lead.to].filter((ref) => index.port(ref).connector.isAssumed);
  const ports = open.map(
    (ref) => `the ${index.port(ref).name} of the ${index.get(ref.fitting).fitting.name}`,
  );
  return [
    {
      missing: open.length > 1 ? `which plugs ${nameList(ports)} have` : `which plug ${nameList(ports)} has`,
      subjects: open.map((ref) => fittingSubject(ref.fitting)),
      answers: pluggedTogether(index, lead),
    },
  ];
}

/** The answer that two leads plug together as they come: they did before, or were bought so. */
function pluggedTogether(index: BuildIndex, { id, from, to }: Lead): Patch[] {
  const [a, b] = [index.port(from).connector, index.port(to).connector];
  const [told, other] = a.isAssumed && !b.isAssumed ? [b, from] : [a, to];
  const { family, gender } = told;
  const opposite = { plug: 'socket', socket: 'plug', none: 'none' } as const;
  const mate: Connector = { family, gender: opposite[gender] };
  const ends = [
    ...(index.port(other).connector.isAssumed ? [{ ref: other, connector: mate }] : []),
    ...(other === to && a.isAssumed ? [{ ref: from, connector: { family, gender } }] : []),
  ];
  // What sits on a board is told on the board's sheet.
  if (ends.some(({ ref }) => index.get(ref.fitting).kind === 'board')) return [];
  const edits = ends.map(({ ref, connector }): Edit => {
    const { part } = index.get(ref.fitting);
    const ports = part.ports.map((port) => (port.id === ref.port ? { ...port, connector } : port));
    return { type: 'changeSheet', sheet: { ...part, ports } };
  });
  return [{ id: `plugged-together:${id}`, label: 'They plug together as they are', edits }];
}

function trimmed(index: BuildIndex, lead: Lead, what: string): Report<Message> {
  const isFrom = index.port(lead.from).connector.gender === 'socket';
  const [over, pins] = isFrom ? [lead.from, lead.to] : [lead.to, lead.from];
  const name = (fitting: string) => index.get(fitting).fitting.name;
  return {
    messageId: 'needsTrimming',
    data: { one: name(over.fitting), other: name(pins.fitting), what },
    subjects: [leadSubject(lead.id), fittingSubject(over.fitting), fittingSubject(pins.fitting)],
    actual: 1,
    limit: 0,
    unit: 'lugs',
    formula: 'lugs on the housing, against the slots that the sockets have for them',
    terms: [
      plannedTerm(connectorFamily(index.port(over).connector.family).name, 1, 'lugs'),
      plannedTerm(connectorFamily(index.port(pins).connector.family).name, 0, 'lugs'),
    ],
  };
}
