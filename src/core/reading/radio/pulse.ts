import type { ChannelSetting } from '../../model/plan/channel-setting';
import { clipped } from './mix';

/** Centre of a pulse, in µs. */
export const centreMicros = 1500;

/** What a transmitter makes of a channel, in µs. */
export interface PulseRange {
  /** From the centre at 100 %: ±400 or ±500 by radio. */
  throwMicros: number;
  /** Shortest and longest pulse that it sends at all. */
  least: number;
  most: number;
}

/** ±500 µs at 100 %, ±750 at 150 %: the usual range where no sheet says otherwise. */
export const usualRange: PulseRange = { throwMicros: 500, least: 750, most: 2250 };

export type PulseSetting = Pick<ChannelSetting, 'isReversed' | 'subTrim' | 'lowEnd' | 'highEnd'>;

/**
 * The pulse of a channel in µs for what it is told, −1 to 1: cut off at full, reversed, the end point of that side,
 * sub-trim, and within what the radio sends.
 */
export function pulseOf(told: number, setting: PulseSetting, range: PulseRange = usualRange): number {
  const { isReversed = false, subTrim = 0, lowEnd = 100, highEnd = 100 } = setting;
  const turned = clipped(told) * (isReversed ? -1 : 1);
  const end = turned < 0 ? lowEnd : highEnd;
  const pulse = centreMicros + (turned * end * range.throwMicros) / 100 + subTrim;
  return Math.min(Math.max(pulse, range.least), range.most);
}

/** What the display of a transmitter reads for a pulse, in percent. */
export const displayOf = (pulse: number, { throwMicros }: PulseRange = usualRange): number =>
  ((pulse - centreMicros) / throwMicros) * 100;

/** µs off its middle within which a switch is off. */
const offWithin = 50;

/** Whether a switch is on at a pulse in µs: it is beyond the middle. */
export const isSwitchOn = (pulse: number): boolean => pulse > centreMicros + offWithin;

/** The pulse in µs of a place in percent, as a display reads it. */
export const pulseAt = (percent: number, { throwMicros }: PulseRange = usualRange): number =>
  centreMicros + (percent / 100) * throwMicros;

/** Percent as a transmitter's display shows them. */
export const displayWords = (percent: number): string => `${percent.toFixed(0).replace('-', '−')} %`;

/** Degrees a servo turns for a µs where its sheet tells no travel: 60° for 600 µs. */
const usualDegreesPerMicro = 0.1;
/** The µs that a stated travel stands for, from one end to the other. */
const travelMicros = 1000;

/** Degrees that a servo turns for a µs. @param travelDegrees of its sheet, from 1000 to 2000 µs */
export const degreesPerMicro = (travelDegrees: number | undefined): number =>
  travelDegrees === undefined ? usualDegreesPerMicro : travelDegrees / travelMicros;
