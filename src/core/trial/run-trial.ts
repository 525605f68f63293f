import { regulatorName } from '../survey/regulator-choices';
import { terminalsOf } from '../kinds';
import { packValues } from '../circuit/values/pack-values';
import { Controller } from '../network/devices/controller';
import { Motor } from '../network/devices/motor';
import { PtcFuse } from '../network/devices/ptc-fuse';
import { Regulator } from '../network/devices/regulator';
import { MovingServo } from '../network/devices/servo';
import { Source } from '../network/devices/source';
import { driveWatts } from '../circuit/values/drive-watts';
import { doubtfulSpeed } from '../circuit/values/hull-values';
import { networkOf } from '../network/reference-form';
import { failure, success, type Result } from '../result';
import type { CheckContext } from '../findings/context';
import type { CourseTrouble } from '../transient/course';
import { integrate } from '../transient/integrate';
import { buildElements } from '../circuit/build-elements';
import { cutOffVolts } from './cut-off-volts';
import { Estimates } from '../circuit/estimates';
import { controllerHeat, motorHeat, regulatorHeat, type MotorCooling } from './heat-nodes';
import { ModelSpeed } from './model-speed';
import { outingConditions } from './outing-conditions';
import { brownOuts, watchedReceivers } from './receivers-watched';
import { wakingSeconds } from './waking';
import { SnapshotKeeper } from './snapshots';
import { Recorder } from './recorder';
import type { TrialResult } from './trial-result';
import type { TrialTask } from './trial-task';
import { bodyId, isAfloat } from '../circuit/values/vehicle-values';
import type { Build } from '../plan/build';
import { bodySpeed } from '../network/devices/body';
import { StickBrake } from './watch/stick-brake';
import { CutOff } from './watch/cut-off';
import { Discharge } from './watch/discharge';
import { FuseGuard } from './watch/fuse';
import { Heat } from './watch/heat';
import { Limit } from './watch/limit';
import { ShutDown } from './watch/shut-down';
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
  const { survey, build, index } = context;
  const { outing } = task;
  const estimates = new Estimates(build.measured, task.factors);
  const conditions = outingConditions(context, task);
  const model = buildElements(survey, conditions, estimates);
  const network = networkOf(model.elements, false);
  const device = new Map(network.devices.map((each) => [each.id, each]));
  const at = (fitting: string, net: string) => network.indexOf(model.names.node(fitting, net)) ?? 0;
  const across = (fitting: string, plus: string, minus: string) => {
    const [a, b] = [at(fitting, plus), at(fitting, minus)];
    return (x: Float64Array) => x[a]! - x[b]!;
  };

  const servos = index.ofKind('servo').flatMap((fitted) => {
    const found = device.get(fitted.fitting.id);
    return found instanceof MovingServo ? [{ fitted, device: found }] : [];
  });
  const controllers = index.ofKind('controller').flatMap((fitted) => {
    const found = device.get(fitted.fitting.id);
    return found instanceof Controller ? [{ fitted, device: found }] : [];
  });
  const motors = index.ofKind('motor').flatMap((fitted) => {
    const found = device.get(fitted.fitting.id);
    return found instanceof Motor ? [{ fitted, device: found }] : [];
  });
  const regulators = index.all().flatMap((fitted) => {
    const found = device.get(`${fitted.fitting.id}.bec`);
    return found instanceof Regulator ? [{ fitted, device: found }] : [];
  });
  const packs = index.ofKind('pack').map((pack) => {
    const source = device.get(pack.fitting.id);
    const { chemistry, cells } = pack.part;
    const discharge =
      source instanceof Source
        ? new Discharge({
            pack: { id: pack.fitting.id, name: pack.fitting.name, chemistry, cells },
            source,
            ampHours: packValues(pack, estimates, conditions.coldFactor).ampHours,
            charge: task.charge,
            volts: across(pack.fitting.id, 'plus', 'minus'),
          })
        : undefined;
    return { pack, discharge };
  });
  const discharges = packs.flatMap((pack) => pack.discharge ?? []);
  const pace = network.indexOf(bodySpeed(bodyId)[0]);
  const heats = [
    ...controllers.map(({ fitted, device: controller }) =>
      controllerHeat(controller, fitted, estimates, isAfloat(build)),
    ),
    ...motors.map(({ fitted, device: motor }) => motorHeat(motor, fitted, estimates, coolingOf(build), pace)),
    ...regulators.map(({ fitted, device: regulator }) => regulatorHeat(regulator, fitted, estimates)),
  ].map((node) => new Heat(node, task.air));
  const receivers = watchedReceivers(context, across);
  const overReceivers = brownOuts(context, receivers, servos, controllers);
  const speed = new ModelSpeed(pace);
  const doubtfulFrom =
    isAfloat(build) && build.model === 'boat'
      ? doubtfulSpeed(build, driveWatts(survey), estimates)
      : undefined;
  const brakes = controllers.flatMap(({ fitted, device: controller }) => {
    const own = survey.motorsOf(fitted.fitting.id).flatMap(({ fitting }) => {
      const found = device.get(fitting.id);
      return found instanceof Motor ? [found] : [];
    });
    const volts = survey.packOf(fitted.fitting.id)?.volts.nominal;
    return own.length > 0 && volts !== undefined && fitted.fitting.running !== 'instantReverse'
      ? [new StickBrake(controller, own, volts)]
      : [];
  });
  const guarded = [
    ...controllers.map(({ fitted: { fitting }, device: controller }) => ({
      device: controller,
      part: { id: fitting.id, name: fitting.name, loss: 'its motor stops' },
    })),
    ...regulators.flatMap(({ fitted, device: regulator }) =>
      terminalsOf(fitted.part).gives?.regulator?.type === 'linear'
        ? [
            {
              device: regulator,
              part: { id: regulator.id, name: regulatorName(fitted), loss: 'its rail is dead' },
            },
          ]
        : [],
    ),
  ];
  const followers: Watcher[] = [...discharges, ...heats, speed, ...brakes];
  const watchers: Watcher[] = [
    ...overReceivers,
    ...controllers.flatMap(({ fitted, device: controller }) => {
      const threshold = cutOffVolts(survey, fitted);
      const volts = across(fitted.fitting.id, 'power+', 'ground');
      return threshold === undefined
        ? []
        : [new CutOff({ controller: fitted.fitting, drive: controller, threshold, volts })];
    }),
    ...regulators.map(
      ({ fitted, device: regulator }) =>
        new Limit(regulator, {
          id: fitted.fitting.id,
          name: regulatorName(fitted),
          maxAmps: regulator.values.maxAmps,
        }),
    ),
    ...index.ofKind('cable').flatMap(({ fitting, part }) => {
      const fuse = device.get(fitting.id);
      if (!(fuse instanceof PtcFuse) || !part.maxAmps) return [];
      const { id, name } = fitting;
      return [
        new FuseGuard(fuse, { id, name, amps: part.maxAmps.value, isResettable: part.resettable === true }),
      ];
    }),
    ...guarded.flatMap(({ device: shut, part }) => {
      const heat = heats.find(({ node }) => node.id === part.id);
      return heat ? [new ShutDown(shut, heat, part)] : [];
    }),
    ...servos.map(({ fitted, device: movingServo }) => new Stall(movingServo, fitted.fitting)),
  ];
  const recorder = new Recorder(context, task, {
    across,
    device,
    discharges: packs,
    heats,
    speed,
    receivers,
  });

  const snapshots = new SnapshotKeeper(
    network,
    model.elements,
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
    events: [...followers, ...watchers].flatMap((watcher) => watcher.events()).sort((a, b) => a.at - b.at),
    figures: recorder.figures(overReceivers, build.policies.usableShare),
    estimates: estimates.all,
    missing: model.missing.map((missingFigure) => missingFigure.words),
    steps: run.value.steps,
  });
}

/** What cools a motor: under a body the wind a little; in a hull none, and a brushless one there has its jacket. */
const coolingOf = (build: Build): MotorCooling =>
  isAfloat(build) ? { windBy: 0, hasJacket: true } : { windBy: 0.12, hasJacket: false };
