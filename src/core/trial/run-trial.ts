import type { Fitted } from '../build/build-index';
import { cellVolts } from '../packs/chemistry';
import { Drive } from '../network/devices/drive';
import { Regulator } from '../network/devices/regulator';
import { MovingServo } from '../network/devices/servo';
import { Source } from '../network/devices/source';
import { networkOf } from '../network/reference-form';
import { controllerOf } from '../power/pack-load';
import { failure, success, type Result } from '../result';
import type { CheckContext } from '../rules/rule';
import { integrate, type CourseTrouble } from '../transient/integrate';
import { buildElements } from './build-elements';
import { nominalPackVolts } from './drive-elements';
import { Estimates } from './estimates';
import { driveHeat, regulatorHeat } from './heat-nodes';
import { ModelSpeed } from './model-speed';
import { outingConditions } from './outing-conditions';
import { usualFloor, wakingSeconds } from './waking';
import { SnapshotKeeper } from './snapshots';
import { Recorder } from './recorder';
import type { TrialResult } from './trial-result';
import type { TrialTask } from './trial-task';
import { gearedSpeed } from './values/vehicle-values';
import { BrownOut } from './watch/brown-out';
import { CutOff } from './watch/cut-off';
import { Discharge } from './watch/discharge';
import { Heat } from './watch/heat';
import { Limit } from './watch/limit';
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
  context: CheckContext,
  task: TrialTask,
  control: TrialControl = {},
): Result<TrialResult, TrialTrouble> {
  const { index, build } = context;
  const { outing } = task;
  const estimates = new Estimates(task.factors);
  const conditions = outingConditions(context, task);
  const model = buildElements(context, conditions, estimates);
  const network = networkOf(model.elements, false);
  const device = new Map(network.devices.map((one) => [one.id, one]));
  const at = (fitting: string, net: string) => network.indexOf(model.names.node(fitting, net)) ?? 0;
  const across = (fitting: string, plus: string, minus: string) => {
    const [a, b] = [at(fitting, plus), at(fitting, minus)];
    return (x: Float64Array) => x[a]! - x[b]!;
  };

  const servos = index.ofKind('servo').flatMap((fitted) => {
    const found = device.get(fitted.fitting.id);
    return found instanceof MovingServo ? [{ fitted, device: found }] : [];
  });
  const drives = index.ofKind('motor').flatMap((motor) => {
    const found = device.get(motor.fitting.id);
    const controller = controllerOf(index, context.picture, motor);
    return found instanceof Drive && controller ? [{ motor, controller, device: found }] : [];
  });
  const regulators = index.all().flatMap((fitted) => {
    const found = device.get(`${fitted.fitting.id}.bec`);
    return found instanceof Regulator ? [{ fitted, device: found }] : [];
  });
  const discharges = model.packs.flatMap(({ pack, values }) => {
    const source = device.get(pack.fitting.id);
    if (!(source instanceof Source)) return [];
    const { chemistry, cells } = pack.part;
    return [
      new Discharge({
        pack: { id: pack.fitting.id, name: pack.fitting.name, chemistry, cells },
        source,
        ampHours: values.ampHours,
        charge: task.charge,
        volts: across(pack.fitting.id, 'plus', 'minus'),
      }),
    ];
  });
  const heats = [
    ...drives.flatMap(({ motor, controller, device: one }) => driveHeat(one, controller, motor, estimates)),
    ...regulators.map(({ fitted, device: one }) => regulatorHeat(one, fitted, estimates)),
  ].map((node) => new Heat(node, task.air));
  const [receiver] = index.ofKind('receiver');
  const brownOut =
    receiver &&
    new BrownOut({
      receiver: {
        id: receiver.fitting.id,
        name: receiver.fitting.name,
        floor: receiver.part.minVolts?.value ?? usualFloor,
      },
      volts: across(receiver.fitting.id, 'rail', 'ground'),
      servos: servos.map((one) => one.device),
      drives: drives.map((one) => one.device),
    });
  const speed = new ModelSpeed(
    build,
    outing.effort,
    drives.map(({ device: one }) => ({ device: one, fullSpeed: fullSpeedOf(one, context) })),
  );
  const followers: Watcher[] = [...discharges, ...heats, speed];
  const watchers: Watcher[] = [
    ...(brownOut ? [brownOut] : []),
    ...drives.flatMap(({ controller, device: one }) =>
      cutOffs(context, controller, one, across(controller.fitting.id, 'power+', 'ground')),
    ),
    ...regulators.map(
      ({ fitted, device: one }) =>
        new Limit(one, { id: fitted.fitting.id, name: fitted.fitting.name, maxAmps: one.values.maxAmps }),
    ),
    ...servos.map(({ fitted, device: one }) => new Stall(one, fitted.fitting)),
  ];
  const recorder = new Recorder(context, task, {
    across,
    device,
    discharges: model.packs.map(({ pack }, n) => ({ pack, discharge: discharges[n] })),
    heats,
    speed,
  });

  const snapshots = new SnapshotKeeper(
    network,
    model.elements,
    outing.seconds,
    recorder.slices,
    receiver ? across(receiver.fitting.id, 'rail', 'ground') : () => 0,
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
      for (const one of followers) one.look(moment);
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
  return success({
    ...recorder.result(),
    snapshots: snapshots.result(),
    outing: outing.id,
    seconds: outing.seconds,
    events: [...followers, ...watchers].flatMap((one) => one.events()).sort((a, b) => a.at - b.at),
    figures: recorder.figures(brownOut, build.policies.usableShare),
    estimates: estimates.all,
    missing: model.missing,
    steps: run.value.steps,
  });
}

/** Speed at which a drive brings the model to its top speed, in rad/s: as geared, or as its screw settles. */
function fullSpeedOf({ values }: Drive, context: CheckContext): number {
  const volts = nominalPackVolts(context);
  if (!values.slipShare) return gearedSpeed(values.kv, volts);
  const kt = 60 / (2 * Math.PI * values.kv);
  const ohms = values.motorOhms + values.escOhms;
  let speed = volts / kt;
  // Torque of the motor against that of its screw: a few steps of Newton's method settle it.
  for (let n = 0; n < 20; n += 1) {
    const torque = (kt * (volts - kt * speed)) / ohms;
    const load = kt * values.noLoadAmps + values.loadConst + values.loadSquare * speed ** 2;
    speed += (torque - load) / ((kt * kt) / ohms + 2 * values.loadSquare * speed);
  }
  return Math.max(speed, 1);
}

/** A controller that has been told its cut-off, and the volts that makes for the pack in hand. */
function cutOffs(
  { index }: CheckContext,
  controller: Fitted<'controller'>,
  drive: Drive,
  volts: (x: Float64Array) => number,
): Watcher[] {
  const { cutoff } = controller.fitting;
  const [pack] = [...index.ofKind('pack')].sort((a, b) => b.part.cells - a.part.cells);
  if (!pack || cutoff === undefined || cutoff === 'off') return [];
  // A controller counts cells from the volts of a full pack; another chemistry makes it count wrongly.
  const fullVolts = cellVolts(pack.part.chemistry).full * pack.part.cells;
  const counted = Math.max(1, Math.round(fullVolts / cellVolts(cutoff).full));
  const threshold = counted * cellVolts(cutoff).cutoff;
  return [new CutOff({ controller: controller.fitting, drive, threshold, volts })];
}
