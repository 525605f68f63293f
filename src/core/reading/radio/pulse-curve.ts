import type { ChannelSetting } from '../../model/plan/channel-setting';
import { settingOf, toldChannels, type RadioPlan } from './channel-inputs';
import { centreMicros, pulseOf, type PulseRange } from './pulse';

/** Places of a control at which the curve is worked out. */
const places = 40;

/** The pulse of a channel in µs while the control of one function goes from end to end and all others are let go. */
export function pulseCurve(
  radio: RadioPlan,
  channel: number,
  functionId: string,
  range: PulseRange,
): { stick: number; micros: number }[] {
  return Array.from({ length: places + 1 }, (_, n) => {
    const stick = (2 * n) / places - 1;
    const told = toldChannels(radio, (id) => (id === functionId ? stick : 0)).get(channel) ?? 0;
    return { stick, micros: pulseOf(told, settingOf(radio, channel), range) };
  });
}

/** Which end point a pulse on that side of the centre is set by, and what it must be for the pulse to come out so. */
export function endFor(
  micros: number,
  isLong: boolean,
  { subTrim = 0 }: ChannelSetting,
  { throwMicros }: PulseRange,
): Pick<ChannelSetting, 'lowEnd' | 'highEnd'> {
  const way = (micros - centreMicros - subTrim) * (isLong ? 1 : -1);
  const end = Math.round(Math.min(Math.max((way / throwMicros) * 100, 0), 150));
  return isLong ? { highEnd: end } : { lowEnd: end };
}
