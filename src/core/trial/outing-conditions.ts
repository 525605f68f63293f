import type { CheckContext } from '../findings/context';
import type { TrackPoints } from '../network/track';
import type { Conditions } from '../circuit/conditions';
import { coldFactor, type TrialTask } from './trial-task';

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
 * What an outing asks of each part. Functions act on the parts that they are meant for, as if bound and plugged
 * in the right ports: a wrong port is told by the Control well, and here it is the power that is rehearsed.
 */
export function outingConditions(context: CheckContext, task: TrialTask): Conditions {
  const { build, index, circuit } = context;
  const { outing } = task;
  const pointsOf = new Map(
    outing.tracks.map((outingTrack) => [outingTrack.function, unjumped(outingTrack.points)]),
  );
  const trackOf = new Map<string, TrackPoints>();
  const steers = new Set<string>();
  for (const modelFunction of build.functions) {
    for (const device of modelFunction.devices) {
      trackOf.set(device, pointsOf.get(modelFunction.id) ?? []);
      if (modelFunction.role === 'steer') steers.add(device);
    }
  }
  /** A load on an electronic switch does what the switch is told. */
  const switchOf = (load: string): string | undefined =>
    index
      .leadsOf(load)
      .flatMap((lead) => [lead.from.fitting, lead.to.fitting])
      .find((id) => index.get(id).part.kind === 'electronicSwitch');
  const track = (id: string): TrackPoints => trackOf.get(id) ?? [];
  return {
    charge: task.charge,
    coldFactor: coldFactor(task),
    effort: outing.effort,
    ...(outing.slopes && { slopes: outing.slopes }),
    winds: outing.winds ?? [[0, usualWind]],
    duty: track,
    command: (servo) => track(servo).map(([at, position]) => [at, position * fullAngle] as const),
    servoTorque: (servo) => circuit.mechanismLoad(servo)?.newtonMetres,
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

/** Two points at one time become a quick move: nothing in the model jumps. */
function unjumped(points: readonly [number, number][]): TrackPoints {
  let last = -Infinity;
  return points.map(([at, position]) => {
    const time = at <= last ? last + handSeconds : at;
    last = time;
    return [time, position] as const;
  });
}
