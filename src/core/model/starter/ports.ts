import type { ConnectorFamilyId } from '../connectors/families';
import { threePins } from '../parts/channel-port';
import type { PinSpec, PortSpec } from '../parts/port';

/** The lead of a part that listens to a receiver: signal, plus, minus. */
export function servoLead(
  nets: { plus: string; minus: string },
  family: ConnectorFamilyId = 'servo-3-flat',
): PortSpec {
  return {
    id: 'lead',
    name: 'servo lead',
    use: 'servo',
    flow: 'in',
    connector: { family, gender: 'socket' },
    pins: threePins('signal', nets.plus, nets.minus),
  };
}

/** The row of pins on a receiver that takes power or the bind plug. */
export const batteryPort = (): PortSpec => ({
  id: 'B',
  name: 'power and bind port',
  use: 'servo',
  flow: 'in',
  connector: { family: 'servo-3-flat', gender: 'plug' },
  pins: threePins('bind', 'rail', 'ground'),
});

/** A two-wire power port. Packs and outlets have sockets, so that live contacts lie deep; consumers have plugs. */
export function powerPort(
  id: string,
  name: string,
  family: ConnectorFamilyId,
  flow: 'in' | 'out',
  nets: { plus: string; minus: string },
): PortSpec {
  return {
    id,
    name,
    use: 'power',
    flow,
    connector: { family, gender: family === 'open' ? 'none' : flow === 'in' ? 'plug' : 'socket' },
    pins: [
      { name: 'plus', net: nets.plus },
      { name: 'minus', net: nets.minus },
    ],
  };
}

/** Motor wires: two for brushed, three for brushless. */
export function motorPort(flow: 'in' | 'out', phases: 2 | 3): PortSpec {
  const names = ['a', 'b', 'c'] as const;
  return {
    id: 'motor',
    name: 'motor wires',
    use: 'motor',
    flow,
    connector: { family: 'open', gender: 'none' },
    pins: names.slice(0, phases).map((name, n): PinSpec => ({ name, net: `m${n + 1}` })),
  };
}
