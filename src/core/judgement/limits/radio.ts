import { askedChannels } from '../../reading/radio/channel-inputs';
import { radioWith, radioHeardBy, type Radio } from '../../reading/radio/radios';
import { transmitterIdOf, receiversOf } from '../../reading/radio/partners';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Fitted } from '../../model/kinds/fitted';
import type { Reading } from '../../reading/build-reading/reading';
import type { ReceiverSpec } from '../../model/kinds/receiver/receiver';
import type { TransmitterSpec } from '../../model/kinds/transmitter/transmitter';
import { atLeast, atMost, type Limit } from './limit';

/** Channels that functions ask against those of a radio's end. */
export const channelLimit = (
  { channels }: Pick<ReceiverSpec | TransmitterSpec, 'channels'>,
  asked: number,
): Limit<'tooFewChannels'> => atMost(asked, channels, 'channels', 'tooFewChannels');

/** Links that two ends both speak; nothing where a sheet names none. */
export const sharedLinks = (a: ReceiverSpec, b: TransmitterSpec): string[] | undefined =>
  a.protocols.length === 0 || b.protocols.length === 0
    ? undefined
    : b.protocols.filter((link) => a.protocols.includes(link));

/** Mixes that the plan asks against the free ones; nothing where the sheet counts none. */
export const mixLimit = ({ freeMixes }: TransmitterSpec, asked: number): Limit<'tooFewMixes'> | undefined =>
  freeMixes === undefined ? undefined : atMost(asked, freeMixes, 'mixes', 'tooFewMixes');

/** Kinds of settings in the plan that a transmitter does not list; nothing where its sheet lists none. */
export const settingLimit = <Name extends string>(
  { settings }: { settings?: readonly Name[] },
  asked: readonly Name[],
): (Limit<'cannotBeSet'> & { lacking: Name[] }) | undefined => {
  if (!settings) return undefined;
  const lacking = asked.filter((name) => !settings.includes(name));
  return { ...atMost(lacking.length, 0, 'settings', 'cannotBeSet'), lacking };
};

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

/** What is asked of the channels of a transmitter or a receiver: the functions that it carries, of the radio that it belongs to. */
export function channelDemand(
  context: Reading,
  carrier: Fitted<'transmitter' | 'receiver'>,
): { radio: Radio; functions: ModelFunction[]; asked: number } {
  const radio =
    carrier.kind === 'receiver' ? radioHeardBy(context, carrier) : radioWith(context, carrier.fitting.id);
  const functions = functionsOn(context, carrier).filter(({ id }) =>
    radio.functions.some((own) => own.id === id),
  );
  return { radio, functions, asked: askedChannels({ ...radio, functions }) };
}

/** Ordinary servos of a build against the ports of a receiver that is one with its controller; nothing for any other. */
export const servoPortLimit = (
  { integrated, ports }: ReceiverSpec,
  servos: number,
): Limit<'takesNoServos'> | undefined =>
  integrated
    ? atLeast(ports.filter(({ channel }) => channel !== undefined).length, servos, 'ports', 'takesNoServos')
    : undefined;
