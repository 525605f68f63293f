import type { PinSpec, PortSpec } from './port';

/** Net of a channel inside a receiver. */
export const channelNet = (channel: number): string => `ch${channel}`;

/** One row of pins on a receiver. */
export function channelPort(channel: number): PortSpec {
  return {
    id: String(channel),
    name: `port ${channel}`,
    use: 'servo',
    flow: 'either',
    connector: { family: 'servo-3-flat', gender: 'plug' },
    pins: threePins(channelNet(channel), 'rail', 'ground'),
    channel,
  };
}

/** Three contacts of a servo plug, by the nets that they belong to. */
export function threePins(signal: string, plus: string, minus: string): PinSpec[] {
  return [
    { name: 'signal', net: signal },
    { name: 'plus', net: plus },
    { name: 'minus', net: minus },
  ];
}
