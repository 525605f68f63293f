import { signalNetOf } from '../../model/kinds';
import { serialNet } from '../../model/kinds/receiver/receiver';
import { channelNet } from '../../model/parts/channel-port';
import { carrierId } from '../../model/fitting/component-id';
import type { PortSpec } from '../../model/parts/port';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Nets, NodeId } from './nets';

/** The receiver port that a part listens to, traced through the signal conductors. */
export interface SignalPath {
  device: Fitted;
  receiver: Fitted<'receiver'>;
  /** With the channel that is listened to; of a port that carries all channels, by its name and that channel's number. */
  port: PortSpec;
}

type Origin = Pick<SignalPath, 'receiver' | 'port'>;

/** Every part that a receiver port reaches, by a wire of its own or as one channel of a stream. */
export function signalPaths(index: BuildIndex, nets: Nets): SignalPath[] {
  const byNode = new Map<NodeId, Origin>(
    index.ofKind('receiver').flatMap((receiver) => [
      ...insideChannels(receiver, nets),
      ...receiver.part.ports.flatMap((port): [NodeId, Origin][] => {
        const pin = port.pins.find((pinSpec) => pinSpec.name === 'signal');
        return pin && port.channel !== undefined
          ? [[nets.node(receiver.fitting.id, pin.net), { receiver, port }]]
          : [];
      }),
    ]),
  );
  unpackStreams(index, nets, byNode);
  return index.all().flatMap((device) => {
    const net = signalNetOf(device.part);
    const found = net === undefined ? undefined : byNode.get(nets.node(device.fitting.id, net));
    return found ? [{ device, ...found }] : [];
  });
}

/** Channels that a receiver on a board gives inside it, with or without a row of pins for them. */
function insideChannels(receiver: Fitted<'receiver'>, nets: Nets): [NodeId, Origin][] {
  const { id } = receiver.fitting;
  if (carrierId(id) === id) return [];
  return Array.from({ length: receiver.part.channels }, (_, n) => {
    const channel = n + 1;
    const port: PortSpec = {
      id: `inside ${channel}`,
      name: `channel ${channel}, inside the board`,
      use: 'servo',
      flow: 'out',
      connector: { family: 'open', gender: 'none' },
      pins: [{ name: 'signal', net: channelNet(channel) }],
      channel,
    };
    return [nets.node(id, channelNet(channel)), { receiver, port }];
  });
}

/** Most boards that a stream is followed through, one behind another. */
const mostHops = 8;

/** Adds what streams carry: from receivers that give all channels on one wire, and from boards that put channels onto one. */
function unpackStreams(index: BuildIndex, nets: Nets, byNode: Map<NodeId, Origin>): void {
  const streams = index.ofKind('board').flatMap(({ fitting, part }) =>
    (part.streams ?? []).map((stream) => ({
      ...stream,
      node: nets.node(fitting.id, stream.net),
      slots: stream.channels.map((net) => nets.node(fitting.id, net)),
    })),
  );
  if (streams.length === 0) return;
  const carried = new Map<NodeId, (Origin | undefined)[]>();
  for (const receiver of index.ofKind('receiver'))
    for (const port of receiver.part.ports) {
      if (port.use !== 'serial') continue;
      const all = Array.from({ length: receiver.part.channels }, (_, n) => ({
        receiver,
        port: { ...port, name: `${port.name}, channel ${n + 1}`, channel: n + 1 },
      }));
      carried.set(nets.node(receiver.fitting.id, serialNet), all);
    }
  for (let hop = 0; hop < mostHops; hop += 1) {
    const before = byNode.size + carried.size;
    for (const { flow, node, slots } of streams) {
      if (flow === 'out')
        carried.set(
          node,
          slots.map((slot) => byNode.get(slot)),
        );
      else
        for (const [n, slot] of slots.entries()) {
          const origin = carried.get(node)?.[n];
          if (origin && !byNode.has(slot)) byNode.set(slot, origin);
        }
    }
    if (byNode.size + carried.size === before) break;
  }
}
