import { channelsOf, isWithoutChannel } from '../../reading/radio/channel-inputs';
import { radioOfFunction } from '../../reading/radio/radios';
import { defineRule } from './rule';
import { fittingSubject, functionSubject, type Missing, type Report } from '../findings/report';
import { plannedTerm } from './support/terms';
import type { TransmitterSpec } from '../../model/kinds/transmitter/transmitter';
import { offerRadios, offerTransmitters } from '../put-right/swap-radio';

/** Channels that drive a mechanism against those on which the transmitter can set end points. */
export const endPoints = defineRule({
  meta: {
    id: 'end-points',
    well: 'control',
    title: 'End points on channels that drive a mechanism',
    messages: {
      noEndPoints: {
        severity: 'stop',
        bound: 'most',
        short: 'no end points',
        text: '{{function}} drives a mechanism from a channel without end points on the {{transmitter}}',
        why: 'The servo stalls against its stop at full draw: a gear-shift servo burns out in minutes.',
      },
    },
  },
  check(context) {
    const mechanisms = context.build.functions.filter(
      (modelFunction) =>
        (modelFunction.role === 'mechanism' || modelFunction.role === 'steer') &&
        !isWithoutChannel(radioOfFunction(context, modelFunction), modelFunction),
    );
    return mechanisms.flatMap((modelFunction): (Report<'noEndPoints'> | Missing)[] => {
      const radio = radioOfFunction(context, modelFunction);
      const { transmitter } = radio;
      if (!transmitter) return [];
      const { endPointChannels } = transmitter.part;
      const subjects = [functionSubject(modelFunction.id), fittingSubject(transmitter.fitting.id)];
      const channel = Math.max(...channelsOf(radio, modelFunction));
      if (endPointChannels === undefined)
        return [{ missing: `on which channels the ${transmitter.fitting.name} sets end points`, subjects }];
      if (channel <= endPointChannels) return [];
      return [
        {
          messageId: 'noEndPoints',
          data: { function: modelFunction.name, transmitter: transmitter.fitting.name },
          subjects,
          actual: channel,
          limit: endPointChannels,
          unit: 'channel',
          formula: 'channel of the function, against the last channel with end points',
          terms: [
            plannedTerm(`planned for ${modelFunction.name}`, channel, 'channel'),
            plannedTerm(
              `last with end points on the ${transmitter.fitting.name}`,
              endPointChannels,
              'channel',
            ),
          ],
          offers: () => [
            ...offerTransmitters(context, transmitter, (candidate) => reaches(candidate, channel)),
            ...offerRadios(context, (candidate) => reaches(candidate, channel), transmitter),
          ],
        },
      ];
    });
  },
});

const reaches = ({ endPointChannels = 0 }: TransmitterSpec, channel: number): boolean =>
  endPointChannels >= channel;
