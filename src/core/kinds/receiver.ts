import { plainLoad } from '../circuit/plain-load';
import { ownAmps } from '../circuit/values/own-amps';
import { channelPort } from '../parts/channel-port';
import { telemetries, type ReceiverSpec } from '../parts/receiver';
import { numberOptions, plainOptions, sheetChoice, sheetSet, yesOrNo } from '../parts/sheet-choice';
import { ampsField, voltsField } from '../parts/sheet-field';
import { limits } from '../parts/terminals';
import { changed, describeKind } from './kind';

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
    voltsField('minVolts', 'Least volts'),
    voltsField('maxVolts', 'Most volts'),
    ampsField('amps', 'Draws'),
  ],
  choices: (part) => [
    sheetChoice('channels', 'Channels', String(part.channels), numberOptions(1, 18), (value) =>
      withChannels(part, Number(value)),
    ),
    sheetChoice(
      'throttle',
      'Throttle on channel',
      String(part.throttleChannel),
      numberOptions(1, part.channels),
      (value) => changed(part, { throttleChannel: Number(value) }),
    ),
    yesOrNo(part, 'serialOutput', 'All channels on one wire as well'),
  ],
  sets: (part) => [sheetSet(part, 'telemetry', 'Tells back', plainOptions(telemetries))],
  blank: ({ telemetry, serialOutput, integrated, ...usual }) => usual,
  draws: ({ amps }) => (amps ? { running: amps, stalled: amps } : { missing: 'amps' }),
  elements: ({ fitted, node, estimates }, part) => {
    const ends = { from: node('rail'), to: node('ground') };
    return [
      plainLoad(fitted.fitting.id, ends.from, ends.to, ownAmps(fitted, part.amps, 'receiver', estimates), 3),
      { kind: 'capacitor', id: `${fitted.fitting.id}.c`, ...ends, farads: railFarads },
    ];
  },
  column: 'radio',
  lines: (part) => [`${part.channels} channels`, `throttle on ${part.throttleChannel}`],
  isDelicate: true,
});

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
    throttleChannel: Math.min(receiver.throttleChannel, channels),
    ports: [...ports, ...others],
  };
}
