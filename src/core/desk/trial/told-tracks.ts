import type { Reading } from '../../reading/build-reading/reading';
import { Track, type TrackPoints } from '../../physics/network/track';
import type { Fitted } from '../../model/kinds/fitted';
import type { ModelFunction } from '../../model/plan/model-function';
import {
  channelInputs,
  isMixed,
  settingOf,
  sharedGroup,
  toldChannels,
  usedChannels,
} from '../../reading/radio/channel-inputs';
import { wiredHome } from '../../reading/radio/wired-home';
import { toldWhenLost } from '../../reading/radio/lost-link';
import { radioHeardBy, radioOfFunction, type Radio } from '../../reading/radio/radios';
import { shaped } from '../../reading/radio/stick-shape';

/** What controls do, by the id of their function. */
type Sticks = ReadonlyMap<string, TrackPoints>;

/** Parts into which a stretch between two points is cut where what is told does not follow it in a straight line. */
const bends = 12;
/** Seconds from the last pulse to where the fail-safe puts a part. */
const lossSeconds = 0.5;
/** Seconds between points of a channel that is slowed down. */
const slowStep = 0.1;

/**
 * What each part that a function works is told over an outing, from −1 to 1: by the channel it listens to, with its
 * mixes, shapes, speed and end points, as if bound. What no pulses reach is told nothing.
 * @param lostAt seconds from which on the link is lost
 */
export function toldTracks(
  { build, index, survey }: Reading,
  sticks: Sticks,
  lostAt = Infinity,
): Map<string, TrackPoints> {
  const told = new Map<string, TrackPoints>();
  const channels = new Map<string, TrackPoints>();
  const channelTrack = (radio: Radio, channel: number): TrackPoints => {
    const key = `${radio.owner ?? ''} ${channel}`;
    const known = channels.get(key) ?? ofChannel(radio, channel, sticks);
    channels.set(key, known);
    return known;
  };
  for (const modelFunction of build.functions) {
    const radio = radioOfFunction({ build, survey }, modelFunction);
    for (const device of modelFunction.devices) {
      if (!isReached({ build, survey }, device)) {
        told.set(device, []);
        continue;
      }
      const home = wiredHome({ build, survey }, modelFunction, device);
      // What a function only lends a share to is worked by the one that it belongs to.
      const isLent = home === undefined && isWorkedByAnother(build.functions, modelFunction, device);
      if (isLent && told.has(device)) continue;
      const track = home === undefined ? ofFunction(modelFunction, sticks) : channelTrack(radio, home);
      const fitted = index.get(device);
      const heard = fitted.kind === 'servo' && home !== undefined ? withinEnds(radio, home, track) : track;
      const safe = home === undefined ? undefined : toldWhenLost(fitted, radio, home);
      told.set(device, lost(heard, lostAt, safe));
    }
  }
  return told;
}

/**
 * Whether pulses of some function reach a part. One in the port of another function is told by the Control well, and so
 * is a plug that is turned: here both are rehearsed as meant.
 */
export function isReached({ build, survey }: Pick<Reading, 'build' | 'survey'>, device: string): boolean {
  const path = survey.signalOf(device);
  if (!path) return survey.supplyOf(device)?.status === 'plugTurned';
  const { channel } = path.port;
  return (
    channel === undefined || usedChannels(radioHeardBy({ build, survey }, path.receiver)).includes(channel)
  );
}

/** Parts of functions that do nothing on an outing: no pulses reach them. */
export const unreachedBy = ({ build, index, survey }: Reading): Fitted[] =>
  [...new Set(build.functions.flatMap(({ devices }) => devices))]
    .filter((device) => index.has(device) && !isReached({ build, survey }, device))
    .map((device) => index.get(device));

/** A track that is told no more from some second on: it stands where the fail-safe has it, or as it was. */
function lost(points: TrackPoints, at: number, safe: number | undefined): TrackPoints {
  if (at === Infinity || points.length === 0) return points;
  const held = new Track(points).value(at);
  return [...points.filter(([time]) => time < at), [at, held], [at + lossSeconds, safe ?? held]];
}

const isWorkedByAnother = (
  functions: readonly ModelFunction[],
  modelFunction: ModelFunction,
  device: string,
): boolean => functions.some((other) => other !== modelFunction && other.devices.includes(device));

const ofFunction = ({ id, shape }: ModelFunction, sticks: Sticks): TrackPoints => {
  const points = sticks.get(id) ?? [];
  return shape ? cut(points, (at) => shaped(at, shape)) : points;
};

function ofChannel(radio: Radio, channel: number, sticks: Sticks): TrackPoints {
  const { slowSeconds = 0 } = settingOf(radio, channel);
  const group = sharedGroup(radio, channel);
  const inputs = group.flatMap((each) => channelInputs(radio, each).map((input) => input.function));
  const [only] = inputs;
  const quick =
    !isMixed(radio, channel) && only
      ? ofFunction(only, sticks)
      : mixedTrack(radio, channel, [...new Set(inputs)], sticks);
  return slowSeconds > 0 ? slowed(quick, slowSeconds) : quick;
}

/** The sum of several controls, at every point of any of them and between. */
function mixedTrack(
  radio: Radio,
  channel: number,
  inputs: readonly ModelFunction[],
  sticks: Sticks,
): TrackPoints {
  const tracks = new Map(inputs.map(({ id }) => [id, new Track(sticks.get(id) ?? [])]));
  const points = [...new Set([...tracks.values()].flatMap((track) => track.breakpoints))].sort(
    (a, b) => a - b,
  );
  const times = points.flatMap((at, n) => {
    const until = points[n + 1];
    return until === undefined
      ? [at]
      : Array.from({ length: bends }, (_, k) => at + ((until - at) * k) / bends);
  });
  const value = (at: number) => toldChannels(radio, (id) => tracks.get(id)?.value(at) ?? 0).get(channel) ?? 0;
  return times.map((at) => [at, value(at)] as const);
}

/** A track whose values are put through a function that bends them. */
function cut(points: TrackPoints, through: (value: number) => number): TrackPoints {
  return points.flatMap(([at, value], n) => {
    const next = points[n + 1];
    const parts = next === undefined || next[1] === value ? 1 : bends;
    return Array.from({ length: parts }, (_, k) => {
      const share = next ? k / parts : 0;
      const [time, level] = next
        ? [at + (next[0] - at) * share, value + (next[1] - value) * share]
        : [at, value];
      return [time, through(level)] as const;
    });
  });
}

/** A track that cannot change faster than from one end to the other in some seconds. */
function slowed(points: TrackPoints, seconds: number): TrackPoints {
  const track = new Track(points);
  const last = points.at(-1)?.[0] ?? 0;
  const most = (2 * slowStep) / seconds;
  const slow: [number, number][] = [[0, track.value(0)]];
  for (let at = slowStep; ; at += slowStep) {
    const before = slow.at(-1)![1];
    const wanted = track.value(at);
    const value = before + Math.min(Math.max(wanted - before, -most), most);
    slow.push([at, value]);
    if (at > last && Math.abs(value - wanted) < 1e-9) return slow;
  }
}

/** Servos stop at the end points of their channel; controllers learn theirs when they are calibrated. */
function withinEnds(radio: Radio, channel: number, track: TrackPoints): TrackPoints {
  const { isReversed = false, lowEnd = 100, highEnd = 100 } = settingOf(radio, channel);
  if (lowEnd === 100 && highEnd === 100) return track;
  const [ahead, back] = isReversed ? [lowEnd, highEnd] : [highEnd, lowEnd];
  return cut(track, (value) => (value * (value < 0 ? back : ahead)) / 100);
}
