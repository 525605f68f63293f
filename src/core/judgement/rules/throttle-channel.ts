import { movesModel } from '../../model/plan/model-function';
import { carrierId } from '../../model/fitting/component-id';
import type { Edit } from '../../model/plan/edits';
import { channelsOf, isWithoutChannel } from '../../reading/radio/channel-inputs';
import { radioHeardBy } from '../../reading/radio/radios';
import { defineRule } from './rule';
import { fittingSubject, functionSubject, type Missing, type Report } from '../findings/report';
import { plannedTerm } from './support/terms';

type Message = 'throttleElsewhere';

/** Drive functions against the channel that the receiver's map keeps for the throttle. */
export const throttleChannel = defineRule<Message>({
  meta: {
    id: 'throttle-channel',
    well: 'control',
    title: 'Throttle on the channel that the receiver’s map names',
    messages: {
      throttleElsewhere: {
        severity: 'stop',
        bound: 'exactly',
        short: 'throttle on {{actual}}',
        text: '{{function}} is planned on a channel that the {{receiver}} does not keep for the throttle',
        why: 'The throttle may be 1, 2 or 3. On another channel the fail-safe holds nothing, and {{other}} runs a motor by surprise.',
      },
    },
  },
  check(context) {
    return context.index.ofKind('receiver').flatMap((receiver): (Report<Message> | Missing)[] => {
      const { throttleChannel: throttle } = receiver.part;
      const { fitting } = receiver;
      const radio = radioHeardBy(context, receiver);
      const drives = radio.functions.filter(
        (modelFunction) => movesModel(modelFunction) && !isWithoutChannel(radio, modelFunction),
      );
      const [first] = drives;
      if (!first) return [];
      const isOnBoard = carrierId(fitting.id) !== fitting.id;
      if (throttle === undefined)
        // On a board the copper says it.
        return isOnBoard
          ? []
          : [
              {
                missing: `the channel that the ${fitting.name} keeps for the throttle`,
                subjects: [fittingSubject(fitting.id)],
                answers: channelsOf(radio, first)
                  .slice(0, 1)
                  .map((planned) => ({
                    id: `throttle-channel-told:${fitting.id}:${planned}`,
                    label: `Channel ${planned}, as planned`,
                    edits: [{ type: 'changeSheet', sheet: { ...receiver.part, throttleChannel: planned } }],
                  })),
              },
            ];
      if (drives.some((modelFunction) => channelsOf(radio, modelFunction).includes(throttle))) return [];
      const planned = channelsOf(radio, first)[0]!;
      const other = radio.functions.find((modelFunction) => modelFunction.channel === throttle);
      const swap: Edit[] = [
        { type: 'setFunction', function: first.id, change: { channel: throttle } },
        ...(other ? [{ type: 'setFunction', function: other.id, change: { channel: planned } } as Edit] : []),
      ];
      return [
        {
          messageId: 'throttleElsewhere' as const,
          data: { function: first.name, receiver: fitting.name, other: other?.name ?? 'another control' },
          subjects: [functionSubject(first.id), fittingSubject(fitting.id)],
          actual: planned,
          limit: throttle,
          unit: 'channel' as const,
          formula: 'channel planned for the throttle, against the one in the receiver’s port map',
          terms: [
            plannedTerm(`planned for ${first.name}`, planned, 'channel'),
            plannedTerm(`throttle by the map of the ${fitting.name}`, throttle, 'channel'),
          ],
          offers: () => [
            {
              id: `throttle-channel:${first.id}:${throttle}`,
              label: `Plan ${first.name} on channel ${throttle}`,
              edits: swap,
            },
          ],
        },
      ];
    });
  },
});
