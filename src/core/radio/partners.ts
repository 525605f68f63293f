import type { CheckContext } from '../findings/context';
import type { ModelFunction } from '../plan/model-function';
import type { BuildIndex, Fitted } from '../survey/build-index';

/**
 * The transmitter that a receiver is meant to listen to: of several, the one that is set to a link which the receiver
 * speaks, or else one that could be; with nothing to tell them apart, the first.
 */
export function transmitterOf(
  index: BuildIndex,
  { part }: Fitted<'receiver'>,
): Fitted<'transmitter'> | undefined {
  const all = index.ofKind('transmitter');
  const speaks = (link: string | undefined) => link !== undefined && part.protocols.includes(link);
  return (
    all.find(({ fitting }) => speaks(fitting.protocol)) ??
    all.find((transmitter) => transmitter.part.protocols.some(speaks)) ??
    all[0]
  );
}

/** The receivers that the parts of a function are plugged into. */
export const receiversOf = (
  { survey }: Pick<CheckContext, 'survey'>,
  { devices }: ModelFunction,
): Fitted<'receiver'>[] => [
  ...new Map(
    devices.flatMap((device) => {
      const receiver = survey.signalOf(device)?.receiver;
      return receiver ? [[receiver.fitting.id, receiver] as const] : [];
    }),
  ).values(),
];

/** Id of the transmitter whose channels a function is on: the first one's until its parts are plugged in. */
export function transmitterIdOf(
  context: Pick<CheckContext, 'survey' | 'index'>,
  modelFunction: ModelFunction,
): string | undefined {
  const { index } = context;
  const [receiver] = receiversOf(context, modelFunction);
  return (receiver ? transmitterOf(index, receiver) : index.ofKind('transmitter')[0])?.fitting.id;
}
