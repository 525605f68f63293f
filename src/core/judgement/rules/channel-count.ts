import { channelLimit, channelDemand } from '../limits/radio';
import type { Fitted } from '../../model/kinds/fitted';
import { offerSwaps } from '../put-right/swap-part';
import { channelsOf, isWithoutChannel } from '../../reading/radio/channel-inputs';
import { offerRadios, offerTransmitters } from '../put-right/swap-radio';
import { defineRule } from './rule';
import { fittingSubject, functionSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** Channels that the functions ask for, against those of the transmitter and of the receiver. */
export const channelCount = defineRule({
  meta: {
    id: 'channel-count',
    well: 'control',
    title: 'Channels asked for against channels there',
    messages: {
      tooFewChannels: {
        severity: 'stop',
        bound: 'most',
        short: '{{actual}} needed, {{limit}} there',
        text: 'the functions ask for more channels than the {{part}} has',
        why: 'Some functions stay dead: usually the lights, found out after everything is soldered.',
      },
    },
  },
  check(context) {
    const { build, index } = context;
    if (build.functions.length === 0) return [];
    const carriers: Fitted<'transmitter' | 'receiver'>[] = [
      ...index.ofKind('transmitter'),
      ...index.ofKind('receiver'),
    ];
    return carriers
      .map((carrier) => ({ carrier, ...channelDemand(context, carrier) }))
      .filter(({ carrier, asked }) => channelLimit(carrier.part, asked).passed)
      .map(({ carrier, radio, functions, asked }) => {
        const { fitting, part } = carrier;
        const beyond = functions.filter(
          (modelFunction) =>
            isWithoutChannel(radio, modelFunction) ||
            channelsOf(radio, modelFunction).some((channel) => channel > part.channels),
        );
        return {
          messageId: 'tooFewChannels' as const,
          data: { part: fitting.name },
          subjects: [
            fittingSubject(fitting.id),
            ...beyond.map((modelFunction) => functionSubject(modelFunction.id)),
          ],
          actual: asked,
          limit: part.channels,
          unit: 'channels' as const,
          formula: 'larger of the channels counted and the highest channel used',
          terms: [
            plannedTerm('functions and their channels', asked, 'channels'),
            plannedTerm(`on the ${fitting.name}`, part.channels, 'channels'),
          ],
          offers: () => [
            ...(carrier.kind === 'transmitter'
              ? offerTransmitters(context, carrier, (candidate) => candidate.channels >= asked)
              : offerSwaps(context, carrier, (receiver) => receiver.channels >= asked)),
            ...offerRadios(
              context,
              (candidate, other) => candidate.channels >= asked && other.channels >= asked,
              radio.transmitter,
            ),
          ],
        };
      });
  },
});
