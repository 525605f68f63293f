import type { Reading } from '../build-reading/reading';
import type { ModelFunction } from '../../model/plan/model-function';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';

/**
 * The transmitter that a receiver is meant to listen to: the one that it is said to be bound to; of several, the one that is set to a link which the receiver
 * speaks, or else one that could be; with nothing to tell them apart, the first.
 */
export function transmitterOf(
  index: BuildIndex,
  { fitting: { boundTo }, part }: Fitted<'receiver'>,
): Fitted<'transmitter'> | undefined {
  const all = index.ofKind('transmitter');
  const speaks = (link: string | undefined) => link !== undefined && part.protocols.includes(link);
  return (
    all.find(({ fitting }) => fitting.id === boundTo) ??
    all.find(({ fitting }) => speaks(fitting.protocol)) ??
    all.find((transmitter) => transmitter.part.protocols.some(speaks)) ??
    all[0]
  );
}

/**
 * Transmitters that a receiver could just as well hear, where nobody said which: two on one link bind to it alike.
 */
export function rivalTransmitters(
  index: BuildIndex,
  { fitting, part }: Fitted<'receiver'>,
): Fitted<'transmitter'>[] {
  const all = index.ofKind('transmitter');
  if (all.some((transmitter) => transmitter.fitting.id === fitting.boundTo)) return [];
  const could = all.filter(({ fitting: { protocol }, part: { protocols } }) =>
    (protocol === undefined ? protocols : [protocol]).some((link) => part.protocols.includes(link)),
  );
  return could.length > 1 ? could : [];
}

/** Whether a receiver is known to speak no link that its transmitter is, or can be, set to: it never binds. */
export function neverBinds(index: BuildIndex, receiver: Fitted<'receiver'>): boolean {
  const transmitter = transmitterOf(index, receiver);
  if (!transmitter) return false;
  const { fitting, part } = transmitter;
  const spoken = receiver.part.protocols;
  const set = fitting.protocol === undefined ? part.protocols : [fitting.protocol];
  return set.length > 0 && spoken.length > 0 && !set.some((link) => spoken.includes(link));
}

/** The receivers that the parts of a function are plugged into. */
export const receiversOf = (
  { survey }: Pick<Reading, 'survey'>,
  { devices }: ModelFunction,
): Fitted<'receiver'>[] => [
  ...new Map(
    devices.flatMap((device) => {
      const receiver = survey.signalOf(device)?.receiver;
      return receiver ? [[receiver.fitting.id, receiver] as const] : [];
    }),
  ).values(),
];

/**
 * Id of the transmitter whose channels a function is on: the one that is said; else the one that its parts hear, and
 * the first one until they are plugged in.
 */
export function transmitterIdOf(
  context: Pick<Reading, 'survey' | 'index'>,
  modelFunction: ModelFunction,
): string | undefined {
  const { index } = context;
  const said = index.ofKind('transmitter').find(({ fitting }) => fitting.id === modelFunction.transmitter);
  if (said) return said.fitting.id;
  const [receiver] = receiversOf(context, modelFunction);
  return (receiver ? transmitterOf(index, receiver) : index.ofKind('transmitter')[0])?.fitting.id;
}
