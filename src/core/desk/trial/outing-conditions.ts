import type { Reading } from '../../reading/build-reading/reading';
import { Track, type TrackPoints } from '../../physics/network/track';
import type { Conditions } from '../../model/kinds/conditions';
import { coilPort, isRelay } from '../../model/kinds/electronic-switch/electronic-switch';
import { channelsOf, isMixed } from '../../reading/radio/channel-inputs';
import { farEnd } from '../../model/plan/build-index';
import { isReached, toldTracks } from './told-tracks';
import { coldFactor, type TrialTask } from './trial-task';
import { radioOfFunction } from '../../reading/radio/radios';
import { timesThroughLinkage } from '../../reading/linkage/linkage-reading';

/** Degrees that a servo turns each way at full command, in radians. */
const fullAngle = Math.PI / 3;

/** Load at full angle as a share of stall torque where it is not known what moves: rules of thumb by what a servo works. */
const steerLoad = 0.35;
const mechanismLoad = 0.6;

/** A breeze, in m/s, where an outing tells none. */
const usualWind = 3.5;

/** Seconds in which a hand moves a stick that its track says jumps. */
const handSeconds = 0.02;

/**
 * What an outing asks of each part, as if bound and plugged in the right ports: a wrong port is told by the Control well, and
 * here it is the power that is rehearsed. What no pulses reach does nothing.
 */
export function outingConditions(context: Reading, task: TrialTask): Conditions {
  const { build, index, circuit } = context;
  const { outing } = task;
  const pointsOf = new Map(
    outing.tracks.map((outingTrack) => [outingTrack.function, unjumped(outingTrack.points)]),
  );
  const trackOf = toldTracks(context, pointsOf, outing.lostAt);
  const steers = new Set(
    build.functions.filter(({ role }) => role === 'steer').flatMap(({ devices }) => devices),
  );
  for (const [device, points] of steeredDrives(context, pointsOf))
    if (isReached(context, device)) trackOf.set(device, points);
  /** A load on an electronic switch does what the switch is told; one on a relay what works the coil is told. */
  const switchOf = (load: string): string | undefined => {
    const found = index
      .leadsOf(load)
      .flatMap((lead) => [index.owner(lead.from), index.owner(lead.to)])
      .find(({ kind }) => kind === 'electronicSwitch');
    if (found?.kind !== 'electronicSwitch' || !isRelay(found.part)) return found?.fitting.id;
    const coil = { fitting: found.fitting.id, port: coilPort };
    const lead = index.leadAt(coil);
    const works = lead && index.owner(farEnd(lead, coil));
    return works?.kind === 'electronicSwitch' ? works.fitting.id : undefined;
  };
  const track = (id: string): TrackPoints => trackOf.get(id) ?? [];
  return {
    charge: task.charge,
    coldFactor: coldFactor(task),
    presumes: true,
    effort: outing.effort,
    ...(outing.slopes && { slopes: outing.slopes }),
    ...(outing.jams && { jams: unjumped(outing.jams) }),
    winds: outing.winds ?? [[0, usualWind]],
    duty: track,
    command: (servo) => track(servo).map(([at, position]) => [at, position * fullAngle] as const),
    servoTorque: (servo) => {
      const load = circuit.mechanismLoad(servo);
      return load && load.newtonMetres * timesThroughLinkage(context, servo);
    },
    servoLoad: (servo) => (steers.has(servo) ? steerLoad : mechanismLoad),
    on: (load) => {
      const told = track(switchOf(load) ?? load);
      // What no function works is always on.
      return told.length === 0 && !trackOf.has(switchOf(load) ?? load)
        ? 1
        : told.map(([at, position]) => [at, Math.max(position, 0)] as const);
    },
  };
}

/**
 * What drives do that a drive and a steering function work together: the first is sped up by what the second is
 * held back, to the stop.
 */
function steeredDrives(
  context: Reading,
  pointsOf: ReadonlyMap<string, TrackPoints>,
): Map<string, TrackPoints> {
  // Where the radio's mixes say it, they do it.
  const functions = context.build.functions.filter((each) => {
    const radio = radioOfFunction(context, each);
    return channelsOf(radio, each).every((n) => !isMixed(radio, n));
  });
  const found = new Map<string, TrackPoints>();
  for (const steering of functions.filter(({ role }) => role === 'steer'))
    for (const drive of functions.filter(({ role }) => role === 'drive')) {
      const both = steering.devices.filter((device) => drive.devices.includes(device));
      for (const [n, device] of both.entries())
        found.set(
          device,
          mixed(pointsOf.get(drive.id) ?? [], pointsOf.get(steering.id) ?? [], n < both.length / 2 ? 1 : -1),
        );
    }
  return found;
}

/** One track and a share of another, within full throttle. */
function mixed(first: TrackPoints, second: TrackPoints, share: number): TrackPoints {
  const [one, other] = [new Track(first), new Track(second)];
  const times = [...new Set([...one.breakpoints, ...other.breakpoints])].sort((a, b) => a - b);
  return times.map((at) => [at, Math.min(Math.max(one.value(at) + share * other.value(at), -1), 1)] as const);
}

/** Two points at one time become a quick move: nothing in the model jumps. */
function unjumped(points: readonly [number, number][]): TrackPoints {
  let last = -Infinity;
  return points.map(([at, position]) => {
    const time = at <= last ? last + handSeconds : at;
    last = time;
    return [time, position] as const;
  });
}
