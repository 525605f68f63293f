import type { channelSettings } from '../../model/kinds/transmitter/transmitter';
import { channelInputs, settingOf, usedChannels, type RadioPlan } from './channel-inputs';

export type SettingName = (typeof channelSettings)[number];

/** What a plan asks its transmitter to set, and on which channels. */
export function askedSettings(radio: RadioPlan): Map<SettingName, number[]> {
  const asked = new Map<SettingName, number[]>();
  const ask = (name: SettingName, channel: number, isAsked: boolean) => {
    if (isAsked) asked.set(name, [...(asked.get(name) ?? []), channel]);
  };
  for (const channel of usedChannels(radio)) {
    const setting = settingOf(radio, channel);
    const shapes = channelInputs(radio, channel).map((input) => input.function.shape);
    ask('reverse', channel, setting.isReversed === true);
    ask('sub-trim', channel, (setting.subTrim ?? 0) !== 0);
    ask('end points', channel, (setting.lowEnd ?? 100) !== 100 || (setting.highEnd ?? 100) !== 100);
    ask('speed', channel, (setting.slowSeconds ?? 0) > 0);
    // What was read off it is set there.
    ask('fail-safe', channel, setting.failSafe === 'position' && setting.isRead !== true);
    ask(
      'rate',
      channel,
      shapes.some((shape) => (shape?.rate ?? 100) !== 100),
    );
    ask(
      'exponential',
      channel,
      shapes.some((shape) => (shape?.expo ?? 0) !== 0),
    );
    ask(
      'curve',
      channel,
      shapes.some((shape) => shape?.curve !== undefined),
    );
  }
  return asked;
}

/**
 * Mixes that a transmitter must be set to: a function that a channel follows beside the one that it belongs to takes
 * one, and so does each function of a channel that belongs to none.
 */
export function askedMixes(radio: RadioPlan): number {
  return usedChannels(radio)
    .map(
      (channel) => channelInputs(radio, channel).filter((input) => input.function.channel !== channel).length,
    )
    .reduce((sum, count) => sum + count, 0);
}
