import { driveWatts } from '../../reading/circuit/drive-watts';
import { doubtfulSpeed } from '../../reading/motion/hull-values';
import { failure, success, type Result } from '../../base/result';
import type { Reading } from '../../reading/build-reading/reading';
import type { CourseTrouble } from '../../physics/transient/course';
import { integrate } from '../../physics/transient/integrate';
import { Estimates } from '../../model/kinds/estimates';
import { unreachedBy } from './told-tracks';
import { linkLoss } from './link-loss';
import { outingConditions } from './outing-conditions';
import { brownOuts } from './receivers-watched';
import { runningModel } from './running-model';
import { wakingSeconds } from './waking';
import { SnapshotKeeper } from './snapshots';
import { Recorder } from './recorder';
import type { TrialResult } from './trial-result';
import type { TrialTask } from './trial-task';
import { isAfloat } from '../../reading/motion/vehicle-values';
import { Stall } from './watch/stall';
import type { Watcher } from './watch/watcher';

/** How a person may stop a run: looked at now and then. */
export interface TrialControl {
  /** @param share of the outing that is done, 0 to 1. @returns whether to go on */
  onProgress?: (share: number) => boolean;
}

export type TrialTrouble = CourseTrouble | { reason: 'stopped' };

/** Takes a build through an outing. The same build, task and factors always give the same result. */
export function runTrial(
  context: Reading,
  task: TrialTask,
  control: TrialControl = {},
): Result<TrialResult, TrialTrouble> {
  const { survey, build } = context;
  const { outing } = task;
  const estimates = new Estimates(build.measured, task.factors);
  const model = runningModel(context, outingConditions(context, task), estimates, task);
  const { network, built, servos, receivers, followers } = model;
  const overReceivers = brownOuts(context, receivers, servos, model.controllers);
  const doubtfulFrom =
    isAfloat(build) && build.model === 'boat'
      ? doubtfulSpeed(build, driveWatts(survey), estimates)
      : undefined;
  const watchers: Watcher[] = [
    ...overReceivers,
    ...model.guards,
    ...servos.map(({ fitted, device: movingServo }) => new Stall(movingServo, fitted.fitting)),
  ];
  const recorder = new Recorder(context, task, model);
  const snapshots = new SnapshotKeeper(
    network,
    built.elements,
    outing.seconds,
    recorder.slices,
    receivers[0]?.volts ?? (() => 0),
  );

  let lastProgress = 0;
  let isStopped = false;
  const run = integrate(network, {
    seconds: outing.seconds,
    mostStep: Math.min(outing.seconds / 30, 2),
    looseness: task.looseness ?? 4,
    onStep: (time, x, step) => {
      const moment = { time, x, step };
      let hasSwitched = false;
      for (const follower of followers) if (follower.look(moment)) hasSwitched = true;
      if (time > wakingSeconds) for (const watcher of watchers) if (watcher.look(moment)) hasSwitched = true;
      recorder.add(time, x);
      snapshots.add(time, x);
      if (control.onProgress && time - lastProgress > outing.seconds / 50) {
        lastProgress = time;
        isStopped = !control.onProgress(time / outing.seconds);
        if (isStopped) return 'stop';
      }
      return hasSwitched ? 'switched' : 'go on';
    },
  });
  if (!run.ok) return failure(run.problem);
  if (isStopped) return failure({ reason: 'stopped' });
  const lines = recorder.result();
  return success({
    ...lines,
    speed: { ...lines.speed, ...(doubtfulFrom !== undefined && { doubtfulFrom }) },
    snapshots: snapshots.result(),
    outing: outing.id,
    seconds: outing.seconds,
    events: [
      ...[...followers, ...watchers].flatMap((watcher) => watcher.events()),
      ...linkLoss(context, outing),
    ].sort((a, b) => a.at - b.at),
    figures: recorder.figures(overReceivers, build.policies.usableShare),
    estimates: estimates.all,
    unreached: unreachedBy(context).map(({ fitting }) => fitting.name),
    missing: built.missing.map((missingFigure) => missingFigure.words),
    steps: run.value.steps,
  });
}
