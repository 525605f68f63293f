import type { ChannelSetting } from '../../model/plan/channel-setting';
import type { ModelFunction } from '../../model/plan/model-function';
import { clipped, sharedOut, summed } from './mix';
import { shaped } from './stick-shape';

/** A function with its share in a channel. */
export interface ChannelInput {
  function: ModelFunction;
  percent: number;
}

/** Functions and what is set on the channels of one transmitter. */
export interface RadioPlan {
  functions: readonly ModelFunction[];
  channels?: readonly ChannelSetting[];
}

/** What is set on a channel; nothing but its number where it stands as in a fresh memory. */
export const settingOf = ({ channels = [] }: Pick<RadioPlan, 'channels'>, channel: number): ChannelSetting =>
  channels.find((setting) => setting.channel === channel) ?? { channel };

/** The functions that a channel follows: those it belongs to with all of themselves, and those mixed in. */
export function channelInputs(radio: RadioPlan, channel: number): ChannelInput[] {
  const { mix = [] } = settingOf(radio, channel);
  const mixed = mix.flatMap((input): ChannelInput[] => {
    const found = radio.functions.find(({ id }) => id === input.function);
    return found ? [{ function: found, percent: input.percent }] : [];
  });
  const own = radio.functions.filter(
    (each) => each.channel === channel && mixed.every((input) => input.function !== each),
  );
  return [...own.map((each) => ({ function: each, percent: 100 })), ...mixed];
}

/** The channels that a function moves, its own first. */
export function channelsOf(radio: RadioPlan, { id, channel }: ModelFunction): number[] {
  const mixed = (radio.channels ?? [])
    .filter(({ mix = [] }) => mix.some((input) => input.function === id && input.percent !== 0))
    .map((setting) => setting.channel);
  return [...new Set([...(channel === undefined ? [] : [channel]), ...mixed])];
}

/** Every channel that some function moves, in order. */
export const usedChannels = (radio: RadioPlan): number[] =>
  [...new Set(radio.functions.flatMap((each) => channelsOf(radio, each)))].sort((a, b) => a - b);

/** Whether a channel follows anything but one function, whole and as it is. */
export function isMixed(radio: RadioPlan, channel: number): boolean {
  const inputs = channelInputs(radio, channel);
  return inputs.length > 1 || inputs.some(({ percent }) => percent !== 100);
}

/**
 * Channels whose parts a function works: its own, and those without an owner that follow it most. A steering that only
 * lends the screws a share of itself has its rudders on its own channel, not on theirs.
 */
export function hostedChannels(radio: RadioPlan, modelFunction: ModelFunction): number[] {
  return channelsOf(radio, modelFunction).filter((channel) => {
    if (channel === modelFunction.channel) return true;
    const inputs = channelInputs(radio, channel);
    const mine = inputs.find((input) => input.function.id === modelFunction.id)?.percent ?? 0;
    return (
      inputs.every((input) => input.function.channel !== channel) &&
      inputs.every(({ percent }) => Math.abs(percent) <= Math.abs(mine))
    );
  });
}

/**
 * The channel that a part of a function is meant to listen to: where a function has as many channels as parts, one
 * after another; else the first. `undefined` where it has none, or only lends another function a share.
 */
export function homeChannel(
  radio: RadioPlan,
  modelFunction: ModelFunction,
  device: string,
): number | undefined {
  const hosted = hostedChannels(radio, modelFunction);
  const n = modelFunction.devices.indexOf(device);
  return hosted.length === modelFunction.devices.length ? hosted[n] : hosted[0];
}

/** Whether a function has no channel of its own or in a mix yet. */
export const isWithoutChannel = (radio: RadioPlan, modelFunction: ModelFunction): boolean =>
  channelsOf(radio, modelFunction).length === 0;

/**
 * Channels that a radio must have for these functions: as many as are used, with one for each function that has none
 * yet, and up to the highest in use.
 */
export function askedChannels(radio: RadioPlan): number {
  const used = usedChannels(radio);
  const waiting = radio.functions.filter((each) => isWithoutChannel(radio, each)).length;
  return Math.max(used.length + waiting, ...used);
}

/**
 * Channels that go together: mixed, meant to be shared out, and with a function in common. A channel that is not
 * shared out stands alone.
 */
export function sharedGroup(radio: RadioPlan, channel: number): number[] {
  const isShared = (each: number) => settingOf(radio, each).isShared === true && isMixed(radio, each);
  if (!isShared(channel)) return [channel];
  const names = new Set(channelInputs(radio, channel).map((input) => input.function.id));
  return usedChannels(radio).filter(
    (each) =>
      each === channel ||
      (isShared(each) && channelInputs(radio, each).some((input) => names.has(input.function.id))),
  );
}

/**
 * What each channel is told, from −1 to 1, while controls stand somewhere.
 * @param stick where the control of a function stands, −1 to 1
 */
export function toldChannels(radio: RadioPlan, stick: (functionId: string) => number): Map<number, number> {
  const sum = (channel: number) =>
    summed(
      channelInputs(radio, channel).map((input) => ({
        value: shaped(stick(input.function.id), input.function.shape),
        percent: input.percent,
      })),
    );
  return new Map(
    usedChannels(radio).map((channel) => {
      const group = sharedGroup(radio, channel);
      const value = sharedOut(group.map(sum))[group.indexOf(channel)]!;
      return [channel, clipped(group.length > 1 ? value : sum(channel))];
    }),
  );
}
