import { signalNetOf } from '../kinds';
import type { PortSpec } from '../parts/port';
import type { BuildIndex, Fitted } from './build-index';
import type { Nets } from './nets';

/** The receiver port that a part listens to, traced through the signal conductors. */
export interface SignalPath {
  device: Fitted;
  receiver: Fitted<'receiver'>;
  port: PortSpec;
}

/** Every part that a receiver port reaches. */
export function signalPaths(index: BuildIndex, nets: Nets): SignalPath[] {
  const ports = index.ofKind('receiver').flatMap((receiver) =>
    receiver.part.ports.flatMap((port) => {
      const pin = port.pins.find((pinSpec) => pinSpec.name === 'signal');
      return pin && port.channel !== undefined
        ? [{ receiver, port, node: nets.node(receiver.fitting.id, pin.net) }]
        : [];
    }),
  );
  const byNode = new Map(ports.map((port) => [port.node, port]));
  return index.all().flatMap((device) => {
    const net = signalNetOf(device.part);
    const found = net === undefined ? undefined : byNode.get(nets.node(device.fitting.id, net));
    return found ? [{ device, receiver: found.receiver, port: found.port }] : [];
  });
}
