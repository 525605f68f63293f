import { presumedOfReceiver } from './usual-receiver';
import { plainLoad } from '../plain-load';
import { ownAmps } from '../own-amps';
import { channelPort, threePins } from '../../parts/channel-port';
import type { PortSpec } from '../../parts/port';
import { serialNet, telemetries, type ReceiverSpec } from './receiver';
import {
  numberOptions,
  plainOptions,
  sheetChoice,
  sheetSet,
  yesOrNo,
  type SheetChoice,
} from '../sheet-choice';
import { ampsField, voltsField } from '../../parts/sheet-field';
import { limits } from '../../parts/terminals';
import { describeKind } from '../kind';

/** Capacitance that a receiver rail has without anything added: a few hundred microfarads inside its parts. */
const railFarads = 2.2e-4;

export const receiverKind = describeKind<'receiver'>({
  kind: 'receiver',
  words: { one: 'receiver', many: 'Receivers' },
  terminals: (part) => ({
    consumes: [{ id: 'supply', plus: 'rail', minus: 'ground', ...limits(part.minVolts, part.maxVolts) }],
  }),
  signal: () => undefined,
  fields: () => [
    voltsField('minVolts', 'Min voltage'),
    voltsField('maxVolts', 'Max voltage'),
    ampsField('amps', 'Current'),
  ],
  choices: (part) => [
    sheetChoice('channels', 'Channels', String(part.channels), numberOptions(1, 18), (value) =>
      withChannels(part, Number(value)),
    ),
    sheetChoice(
      'throttle',
      'Throttle on channel',
      String(part.throttleChannel ?? ''),
      [{ value: '', text: 'unknown' }, ...numberOptions(1, part.channels)],
      (value) => withThrottle(part, value === '' ? undefined : Number(value)),
    ),
    serialChoice(part),
  ],
  sets: (part) => [sheetSet(part, 'telemetry', 'Tells back', plainOptions(telemetries))],
  blank: ({ telemetry, serialOutput, integrated, throttleChannel, ...usual }) => ({
    ...usual,
    protocols: [],
  }),
  draws: ({ amps }) => (amps ? { running: amps, stalled: amps } : { missing: 'amps' }),
  elements: ({ fitted, node, estimates }, part) => {
    const ends = { from: node('rail'), to: node('ground') };
    return [
      plainLoad(fitted.fitting.id, ends.from, ends.to, ownAmps(fitted, part.amps, 'receiver', estimates), 3),
      { kind: 'capacitor', id: `${fitted.fitting.id}.c`, ...ends, farads: railFarads },
    ];
  },
  column: 'radio',
  lines: ({ channels, throttleChannel }) => [
    `${channels} channels`,
    ...(throttleChannel === undefined ? [] : [`throttle on ${throttleChannel}`]),
  ],
  chosen: 5,
  seen: 1,
  brief: 'Receiver',
  decides: ({ protocols }) => [protocols.join(', ')],
  usual: presumedOfReceiver,
  isDelicate: true,
});

function withThrottle(
  { throttleChannel: _, ...rest }: ReceiverSpec,
  channel: number | undefined,
): ReceiverSpec {
  return channel === undefined ? rest : { ...rest, throttleChannel: channel };
}

/** Whether it gives all channels on one wire as well, and the port that it does so by. */
function serialChoice(part: ReceiverSpec): SheetChoice {
  const choice = yesOrNo(part, 'serialOutput', 'All channels on one wire as well');
  return {
    ...choice,
    choose: (value) => {
      const chosen = choice.choose(value) as ReceiverSpec;
      return { ...chosen, ports: withSerial(chosen) };
    },
  };
}

/** The ports of a receiver with, or without, the one that carries all channels. */
function withSerial({ ports, serialOutput }: ReceiverSpec): PortSpec[] {
  const others = ports.filter(({ use }) => use !== 'serial');
  const known = ports.find(({ use }) => use === 'serial');
  return serialOutput ? [...others, known ?? serialPort] : others;
}

const serialPort: PortSpec = {
  id: 'serial',
  name: 'all channels',
  use: 'serial',
  flow: 'out',
  connector: { family: 'servo-3-flat', gender: 'plug' },
  pins: threePins(serialNet, 'rail', 'ground'),
};

/** A receiver with this many channels, a port for each; ports that stay keep their place on the map. */
export function withChannels(receiver: ReceiverSpec, channels: number): ReceiverSpec {
  const others = receiver.ports.filter((port) => port.channel === undefined);
  const usual = receiver.ports.find((port) => port.channel !== undefined)?.connector;
  const ports = Array.from({ length: channels }, (_, n) => {
    const known = receiver.ports.find((port) => port.channel === n + 1);
    return known ?? { ...channelPort(n + 1), ...(usual && { connector: usual }) };
  });
  return {
    ...receiver,
    channels,
    ...(receiver.throttleChannel !== undefined && {
      throttleChannel: Math.min(receiver.throttleChannel, channels),
    }),
    ports: withSerial({ ...receiver, ports: [...ports, ...others] }),
  };
}
