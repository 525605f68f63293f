import { sharedLinks } from '../limits/radio';
import { offerSwaps } from '../put-right/swap-part';
import { offerTransmitters } from '../put-right/swap-radio';
import { rivalTransmitters, transmitterOf } from '../../reading/radio/partners';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { plannedTerm } from './support/terms';
import { carrierId } from '../../model/fitting/component-id';
import type { Fitted } from '../../model/kinds/fitted';
import type { Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';

type Message = 'noSharedLink' | 'setToOtherLink';

/** The link that transmitter and receiver speak. */
export const linkProtocol = defineRule({
  meta: {
    id: 'link-protocol',
    well: 'control',
    title: 'Transmitter and receiver speak one link',
    messages: {
      noSharedLink: {
        severity: 'stop',
        bound: 'least',
        short: 'no common radio link',
        text: 'the {{transmitter}} and the {{receiver}} share no radio link',
        why: 'They never bind. {{transmitterLinks}} on one side, {{receiverLinks}} on the other.',
      },
      setToOtherLink: {
        severity: 'stop',
        bound: 'least',
        short: 'set to another radio link',
        text: 'the {{transmitter}} is set to {{set}}, which the {{receiver}} does not speak',
        why: 'It never binds, however often the button is pressed; both could speak {{shared}}.',
      },
    },
  },
  check(context) {
    const { index } = context;
    return index.ofKind('receiver').flatMap((receiver): (Report<Message> | Missing)[] => {
      const transmitter = transmitterOf(index, receiver);
      const subjects = [fittingSubject(receiver.fitting.id)];
      if (!transmitter) return [{ missing: 'the transmitter', subjects, asked: 'brief' }];
      const silent = [transmitter, receiver].filter(({ part }) => part.protocols.length === 0);
      if (silent.length > 0)
        return [
          {
            missing: `the links that ${nameList(silent.map(({ fitting }) => `the ${fitting.name}`))} ${silent.length > 1 ? 'speak' : 'speaks'}`,
            subjects: silent.map(({ fitting }) => fittingSubject(fitting.id)),
            answers: boundTogether(transmitter, receiver),
          },
        ];
      const rivals = rivalTransmitters(index, receiver);
      if (rivals.length > 0)
        return [
          {
            missing: `which of the ${nameList(rivals.map(({ fitting }) => fitting.name))} the ${receiver.fitting.name} is bound to`,
            subjects,
            asked: 'setting',
          },
        ];
      const shared = sharedLinks(receiver.part, transmitter.part) ?? [];
      const [first] = shared;
      const set = transmitter.fitting.protocol ?? transmitter.part.protocols[0] ?? '';
      const isOpen = transmitter.fitting.protocol === undefined && shared.length > 0;
      if (isOpen && shared.length < transmitter.part.protocols.length)
        return [
          {
            missing: `which link the ${transmitter.fitting.name} is set to`,
            subjects: [fittingSubject(transmitter.fitting.id)],
            asked: 'setting',
          },
        ];
      if (shared.includes(set)) return [];
      const common = {
        subjects: [fittingSubject(transmitter.fitting.id), ...subjects],
        actual: 0,
        limit: 1,
        unit: 'links' as const,
        formula: 'links as set on the transmitter that the receiver speaks too',
        terms: [plannedTerm('links in common, as set', 0, 'links'), plannedTerm('links needed', 1, 'links')],
      };
      const names = { transmitter: transmitter.fitting.name, receiver: receiver.fitting.name };
      if (first === undefined)
        return [
          {
            ...common,
            messageId: 'noSharedLink',
            data: {
              ...names,
              transmitterLinks: transmitter.part.protocols.join(', '),
              receiverLinks: receiver.part.protocols.join(', '),
            },
            offers: () => [
              ...offerSwaps(context, receiver, (part) =>
                part.protocols.some((link) => transmitter.part.protocols.includes(link)),
              ),
              ...offerTransmitters(context, transmitter, () => true),
            ],
          },
        ];
      return [
        {
          ...common,
          messageId: 'setToOtherLink',
          data: { ...names, set, shared: first },
          offers: () => [
            {
              id: `set-link:${transmitter.fitting.id}:${first}`,
              label: `Set the ${transmitter.fitting.name} to ${first}`,
              edits: [{ type: 'setProtocol', fitting: transmitter.fitting.id, protocol: first }],
            },
          ],
        },
      ];
    });
  },
});

/** What both speak where a person knows no more than that they belong together. */
const linkOfSet = 'the link of this set';

/** The answer that they belong together, without the name of their link; none for what sits on a board. */
function boundTogether(
  { part: transmitter, fitting }: Fitted<'transmitter'>,
  receiver: Fitted<'receiver'>,
): Patch[] {
  if (carrierId(receiver.fitting.id) !== receiver.fitting.id) return [];
  const link = fitting.protocol ?? transmitter.protocols[0] ?? receiver.part.protocols[0] ?? linkOfSet;
  const edits = [transmitter, receiver.part]
    .filter(({ protocols }) => protocols.length === 0)
    .map((part): Edit => ({ type: 'changeSheet', sheet: { ...part, protocols: [link] } }));
  return [
    {
      id: `bound-together:${receiver.fitting.id}`,
      label: `The ${fitting.name} and the ${receiver.fitting.name} came as a set, or are bound already`,
      edits,
    },
  ];
}
