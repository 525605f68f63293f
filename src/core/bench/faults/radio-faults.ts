import type { Reading } from '../../reading/build-reading/reading';
import type { ChannelSetting } from '../../model/plan/channel-setting';
import { settingOf, usedChannels } from '../../reading/radio/channel-inputs';
import { radioHeardBy, radiosOf, type Radio } from '../../reading/radio/radios';
import { weights, type Fault, type Harm } from './fault';

/** µs that a neutral is off by when a controller refuses to arm: well outside what it takes for neutral. */
const neutralOff = 140;

const displayOf = (key: string): string => `display:${key}`;

/** What may be wrong with the link and with what the transmitter is set to, channel by channel. */
export const radioFaults = (context: Reading): Fault[] => [...linkFaults(context), ...channelFaults(context)];

/** Each radio may have lost its receivers, and may be set to another model or link. */
const linkFaults = (context: Reading): Fault[] =>
  radiosOf(context).flatMap((radio) => linkFaultsOf(context, radio));

function linkFaultsOf(context: Reading, { transmitter, owner }: Radio): Fault[] {
  const receivers = context.index
    .ofKind('receiver')
    .filter((each) => radioHeardBy(context, each).owner === owner);
  if (!transmitter || receivers.length === 0) return [];
  const names = receivers.map(({ fitting }) => fitting.name).join(' and ');
  const { id, name, protocol } = transmitter.fitting;
  const touches = [id, ...receivers.map(({ fitting }) => fitting.id)];
  const harm: Harm = { deaf: receivers.map(({ fitting }) => fitting.id) };
  const { protocols, modelMemories = 1 } = transmitter.part;
  const key = owner === undefined ? '' : `:${owner}`;
  return [
    {
      id: `unbound${key}`,
      label: `The ${names} ${receivers.length > 1 ? 'are' : 'is'} not bound to the ${name}`,
      weight: weights.link,
      harm,
      seen: {},
      cure: `Bind the ${names} anew, bind plug out afterwards, power off and on.`,
      touches,
    },
    ...(protocols.length > 1 || modelMemories > 1
      ? [
          {
            id: `wrong-link${key}`,
            label: `The ${name} is on another ${protocols.length > 1 ? 'protocol or model memory' : 'model memory'}`,
            weight: weights.link,
            harm,
            seen: { [`link:${id}`]: 'notAsPlanned' },
            cure: `Set the ${name} to the memory of this model${protocols.length > 1 ? ` and to ${protocol ?? protocols[0]}` : ''}.`,
            touches,
          },
        ]
      : []),
  ];
}

const channelFaults = (context: Reading): Fault[] =>
  radiosOf(context).flatMap((radio) => faultsOf(context, radio));

function faultsOf(context: Reading, radio: Radio): Fault[] {
  const { transmitter, owner } = radio;
  if (!transmitter) return [];
  const touchesTransmitter = [transmitter.fitting.id];
  return usedChannels(radio).flatMap((channel): Fault[] => {
    const heard = context.survey.signals
      .filter(
        ({ port, receiver }) =>
          port.channel === channel && radioHeardBy(context, receiver).owner === radio.owner,
      )
      .map(({ device }) => device);
    const key = owner === undefined ? String(channel) : `${channel}:${owner}`;
    if (heard.length === 0) return [];
    const setting = settingOf(radio, channel);
    const set = (change: Partial<Omit<ChannelSetting, 'channel'>>): Harm => ({
      edits: [{ type: 'setChannel', channel, transmitter: owner, change }],
    });
    const touches = [...touchesTransmitter, ...heard.map(({ fitting }) => fitting.id)];
    const about = { touches };
    const end = (side: 'low' | 'high'): Fault => ({
      ...about,
      id: `end-point-${side}:${key}`,
      label: `The end point of channel ${channel} for ${side === 'low' ? 'short' : 'long'} pulses stands at 0 %`,
      weight: weights.endPoint,
      harm: set(side === 'low' ? { lowEnd: 0 } : { highEnd: 0 }),
      seen: { [displayOf(key)]: side === 'low' ? 'lowEndAtNothing' : 'highEndAtNothing' },
      cure: `Open the end point of channel ${channel} for ${side === 'low' ? 'short' : 'long'} pulses again, from 30 % up, as far as the mechanism goes.`,
    });
    return [
      {
        ...about,
        id: `reversed:${key}`,
        label: `Channel ${channel} is reversed in the transmitter`,
        weight: weights.reversed,
        harm: set({ isReversed: !setting.isReversed }),
        seen: { [displayOf(key)]: 'reversed' },
        cure: `Set channel ${channel} to ${setting.isReversed ? 'reversed' : 'normal'} in the transmitter.`,
      },
      end('low'),
      end('high'),
      ...(heard.some(({ kind }) => kind === 'controller')
        ? [
            {
              ...about,
              id: `neutral-off:${key}`,
              label: `The neutral of channel ${channel} is off: trim or sub-trim`,
              weight: weights.arming,
              harm: set({ subTrim: (setting.subTrim ?? 0) + neutralOff }),
              seen: { [displayOf(key)]: 'centreOff' },
              cure: `Trim of channel ${channel} to nothing, sub-trim as planned; then power off and on, so that it arms.`,
            },
          ]
        : []),
    ];
  });
}
