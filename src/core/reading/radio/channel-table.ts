import type { Reading } from '../build-reading/reading';
import type { ChannelSetting } from '../../model/plan/channel-setting';
import { formatQuantity } from '../../base/quantity/format';
import type { Fitted } from '../../model/kinds/fitted';
import { nameList } from '../../base/words/sentences';
import { channelInputs, settingOf, toldChannels, usedChannels, type ChannelInput } from './channel-inputs';
import { wiredHome } from './wired-home';
import { startsAtEnd } from './controller-duty';
import { displayOf, displayWords, pulseOf } from './pulse';
import { rangeOf } from './pulse-range';
import { radioHeardBy, radiosOf, type Radio } from './radios';

/** A channel from the thumb to the part, with what is set on it. */
export interface ChannelRow {
  radio: Radio;
  channel: number;
  inputs: (ChannelInput & { control: string | undefined })[];
  /** Where parts hear it, as the receiver names it. */
  ports: string[];
  /** Parts that it moves, heard or meant. */
  devices: Fitted[];
  setting: ChannelSetting;
  /** Pulses in µs with all its controls at one end, let go, and at the other. */
  pulses: { low: number; centre: number; high: number };
  /** What is set, in words; nothing where it stands as in a fresh memory. */
  words: string[];
  failSafe: string;
  /** Where its controllers arm, or stand still, and what the transmitter's display reads then, by fitting. */
  arming: { fitting: string; words: string }[];
}

/** All channels that are in use, radio by radio, in order. */
export const channelTable = (context: Reading): ChannelRow[] =>
  radiosOf(context).flatMap((radio) => channelRows(context, radio));

/** The channels of one radio that are in use, in order. */
export function channelRows(context: Reading, radio: Radio): ChannelRow[] {
  const { build, index, survey } = context;
  const { transmitter } = radio;
  const range = rangeOf(transmitter);
  const at = (value: number) => toldChannels(radio, () => value);
  const told = { low: at(-1), centre: at(0), high: at(1) };
  return usedChannels(radio).map((channel) => {
    const setting = settingOf(radio, channel);
    const pulse = (where: keyof typeof told) => pulseOf(told[where].get(channel) ?? 0, setting, range);
    const inputs = channelInputs(radio, channel).map((input) => ({
      ...input,
      control: transmitter?.part.controls.find(({ id }) => id === input.function.control)?.name,
    }));
    const heard = survey.signals.filter(
      (path) => path.port.channel === channel && radioHeardBy(context, path.receiver).owner === radio.owner,
    );
    const meant = inputs.flatMap(({ function: each }) =>
      each.devices
        .filter((id) => wiredHome({ build, survey }, each, id) === channel)
        .map((id) => index.get(id)),
    );
    const devices = [...new Set([...heard.map(({ device }) => device), ...meant])];
    return {
      radio,
      channel,
      inputs,
      ports: [...new Set(heard.map(({ port }) => port.name))],
      devices,
      setting,
      pulses: { low: pulse('low'), centre: pulse('centre'), high: pulse('high') },
      words: settingWords(setting, inputs),
      failSafe: failSafeWords(setting),
      arming: devices.flatMap((device) =>
        device.kind === 'controller' ? armingWords(device, { pulse, range }) : [],
      ),
    };
  });
}

/** What a channel is mixed from: `Drive 100 %, Steering −60 %`. */
const mixWords = (inputs: readonly ChannelInput[]): string =>
  nameList(inputs.map((input) => `${input.function.name} ${displayWords(input.percent)}`));

/** What is set on a channel and on the functions that it follows, a line each. */
function settingWords(setting: ChannelSetting, inputs: readonly ChannelInput[]): string[] {
  const { isReversed, subTrim = 0, lowEnd = 100, highEnd = 100, slowSeconds = 0, isShared } = setting;
  const isMixed = inputs.length > 1 || inputs.some((input) => input.percent !== 100);
  return [
    isMixed && `mixed from ${mixWords(inputs)}${isShared ? ', shared out where it is more than full' : ''}`,
    isReversed && 'reversed',
    subTrim !== 0 && `sub-trim ${subTrim > 0 ? '+' : '−'}${Math.abs(subTrim)} µs`,
    (lowEnd !== 100 || highEnd !== 100) && `end points ${displayWords(lowEnd)} and ${displayWords(highEnd)}`,
    slowSeconds > 0 && `${formatQuantity(slowSeconds, 's')} from end to end`,
    ...inputs.flatMap(({ function: { name, shape = {} } }) => [
      (shape.rate ?? 100) !== 100 && `${name}: rate ${displayWords(shape.rate!)}`,
      (shape.expo ?? 0) !== 0 && `${name}: exponential ${displayWords(shape.expo!)}`,
      shape.curve !== undefined &&
        `${name}: curve ${shape.curve.map((each) => each.toFixed(0)).join(', ')} %`,
    ]),
  ].filter((words): words is string => typeof words === 'string');
}

function failSafeWords({ failSafe, failSafePercent = 0 }: ChannelSetting): string {
  if (failSafe === undefined) return 'not set';
  if (failSafe === 'hold') return 'holds';
  return failSafe === 'off' ? 'no pulses' : `goes to ${displayWords(failSafePercent)}`;
}

function armingWords(
  { fitting, part }: Fitted<'controller'>,
  { pulse, range }: { pulse: (where: 'low' | 'centre') => number; range: ReturnType<typeof rangeOf> },
): ChannelRow['arming'] {
  const isAtEnd = startsAtEnd(part);
  const reads = displayWords(displayOf(pulse(isAtEnd ? 'low' : 'centre'), range));
  const place = isAtEnd ? 'all the way back' : 'at its middle';
  const does = part.armsAt ? 'arms' : 'stands still';
  return [
    {
      fitting: fitting.id,
      words: `the ${fitting.name} ${does} with the stick ${place}: the display reads ${reads}`,
    },
  ];
}
