import type { Fitted } from '../../model/kinds/fitted';
import { offerSwaps } from '../put-right/swap-part';
import { askedChannels, channelsOf, isWithoutChannel } from '../../reading/radio/channel-inputs';
import { receiversOf, transmitterIdOf } from '../../reading/radio/partners';
import { radioHeardBy, radioWith } from '../../reading/radio/radios';
import { offerRadios, offerTransmitters } from '../put-right/swap-radio';
import type { Reading } from '../../reading/build-reading/reading';
import type { ModelFunction } from '../../model/plan/model-function';
import { defineRule } from './rule';
import { fittingSubject, functionSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** The functions whose channels a transmitter or a receiver carries: with one of each, all of them. */
function functionsOn(
  context: Reading,
  { kind, fitting }: Fitted<'transmitter' | 'receiver'>,
): ModelFunction[] {
  const { build, index } = context;
  if (index.ofKind(kind).length < 2) return build.functions;
  return build.functions.filter((modelFunction) =>
    kind === 'receiver'
      ? receiversOf(context, modelFunction).some((receiver) => receiver.fitting.id === fitting.id)
      : transmitterIdOf(context, modelFunction) === fitting.id,
  );
}

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
      .map((carrier) => ({ carrier, functions: functionsOn(context, carrier) }))
      .map((each) => {
        const radio =
          each.carrier.kind === 'receiver'
            ? radioHeardBy(context, each.carrier)
            : radioWith(context, each.carrier.fitting.id);
        const functions = each.functions.filter(({ id }) => radio.functions.some((own) => own.id === id));
        return { ...each, radio, functions, asked: askedChannels({ ...radio, functions }) };
      })
      .filter(({ carrier, asked }) => carrier.part.channels < asked)
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
