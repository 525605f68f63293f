import type { Conditions } from '../../model/kinds/conditions';
import { Estimates } from '../../model/kinds/estimates';
import type { FaultyModel } from '../faults/faulty-model';
import type { Reading } from '../../reading/build-reading/reading';
import { PtcFuse } from '../../physics/network/devices/ptc-fuse';
import { Hand } from '../../physics/network/hand';
import type { Fitted } from '../../model/kinds/fitted';
import { Course } from '../../physics/transient/course';
import { outingConditions } from '../../desk/trial/outing-conditions';
import { runningModel, type RunningModel } from '../../desk/trial/running-model';
import type { TrialTask } from '../../desk/trial/trial-task';
import type { TrialEvent } from '../../desk/trial/trial-result';
import { wakingSeconds } from '../../desk/trial/waking';
import { LiveReceiver } from './live-receiver';

/** What the signals ask of the parts in one step. */
export interface Orders {
  /** Throttle of a controller, −1 to 1. */
  duty: (controllerId: string) => number;
  /** Where a servo is told to go, in degrees from its middle; nothing where no pulse comes, or it is burnt. */
  degrees: (servoId: string) => number | undefined;
  /** How far a lamp, a pump or a horn is on, 0 or 1. */
  on: (loadId: string) => number;
  /** The servo whose arm somebody holds. */
  held: string | undefined;
}

/** Longest step in seconds, and how loosely a model is followed that somebody only looks at. */
const manner = { mostStep: 0.05, looseness: 30 };
/** Charge of packs fresh off the charger, less what a test has cost; and the air of a workshop. */
const usual = { charge: 0.9, air: 20 };
const radian = 180 / Math.PI;

/** A model with its pack in, followed through time by the solver of the outings while hands work it. */
export class LiveCircuit {
  readonly receivers: ReadonlyMap<string, LiveReceiver>;
  private readonly model: RunningModel;
  private readonly course: Course;
  private readonly hands = new Map<string, Hand>();
  private readonly told = new Set<string>();
  /** What had happened for good before it began, and is no news. */
  private readonly over = new Set<string>();
  private isLost = false;

  /**
   * @param isUnderWay in the water or on the road, and not on its stand
   * @param degrees where each servo stands as it begins
   * @param last the model as it was on its stand, or off it: what has run down, got warm, blown or woken up stays so
   */
  constructor(
    private readonly faulty: FaultyModel,
    context: Reading,
    isUnderWay: boolean,
    degrees: ReadonlyMap<string, number>,
    last?: LiveCircuit,
  ) {
    const { charge = usual.charge } = faulty.harm;
    this.model = runningModel(
      context,
      liveConditions(context, isUnderWay, charge),
      new Estimates(context.build.measured),
      { ...usual, charge },
      (elements) => faulty.harmed(elements),
    );
    const { network, servos, receivers } = this.model;
    for (const device of network.devices) {
      if (!device.follow) continue;
      const hand = new Hand(0);
      this.hands.set(device.id, hand);
      device.follow(hand);
    }
    this.receivers = new Map(
      receivers.map((each) => [
        each.fitted.fitting.id,
        new LiveReceiver(each, last?.receivers.get(each.fitted.fitting.id)?.isUp === true),
      ]),
    );
    if (last) this.carryOn(last.model);
    this.course = new Course(network, manner, (x) => {
      for (const { device } of servos) x[device.angleIndex] = (degrees.get(device.id) ?? 0) / radian;
    });
    for (const { device } of servos)
      this.hands.get(device.id)!.move(0, 0, (degrees.get(device.id) ?? 0) / radian);
  }

  /** Goes on by some seconds. */
  advance(seconds: number, orders: Orders): void {
    const { course, model } = this;
    const start = course.end.time;
    if (seconds <= 0) return;
    if (this.order(start, seconds, orders)) course.bend();
    const until = start + seconds;
    while (course.end.time < until) {
      const before = course.end.time;
      if (course.advance(until, manner.mostStep)) {
        // Nothing can be told of such a model until something about it changes.
        if (this.isLost) return;
        this.isLost = true;
        course.restart();
        continue;
      }
      this.isLost = false;
      const moment = { time: course.end.time, x: course.now, step: course.end.time - before };
      let hasSwitched = false;
      for (const follower of model.followers) if (follower.look(moment)) hasSwitched = true;
      for (const receiver of this.receivers.values()) receiver.look(moment);
      if (moment.time > wakingSeconds)
        for (const guard of model.guards) if (guard.look(moment)) hasSwitched = true;
      if (hasSwitched) course.restart();
    }
  }

  /** Whether the solver could not follow the model. */
  get isUnsettled(): boolean {
    return this.isLost;
  }

  /** Volts where a part takes its power; 0 where none reach it. */
  volts(fitted: Fitted): number {
    const terminal = this.faulty.fedTerminal(fitted);
    return terminal ? this.model.across(fitted.fitting.id, terminal.plus, terminal.minus)(this.x) : 0;
  }

  /** Volts of a net of a part against ground; `undefined` where it carries no power. */
  netVolts(fitting: string, net: string): number | undefined {
    const name = this.model.built.names.node(fitting, net);
    if (name === 'gnd') return 0;
    const index = this.model.network.indexOf(name);
    return index === undefined ? undefined : this.x[index];
  }

  /** Amps that a part takes, a motor has in its windings, or a pack gives; `undefined` for an id that is not in the sum. */
  amps(id: string): number | undefined {
    return this.model.device.get(id)?.amps(this.x, this.course.end.time);
  }

  /**
   * How fast a motor turns, as a share of what it would turn unloaded at its pack's volts; ahead is positive. `undefined`
   * where its sheet is too silent for the sum.
   */
  turning(motor: Fitted<'motor'>, packVolts: number): number | undefined {
    const found = this.model.motors.find(({ fitted }) => fitted.fitting.id === motor.fitting.id);
    return found && packVolts > 0 ? found.device.shaft.backVolts(this.x) / packVolts : undefined;
  }

  /** What sheets are silent about, and the sums leave out: `amps at full load of the motor`. */
  get missing(): readonly string[] {
    return this.model.built.missing.map(({ words }) => words);
  }

  /** Degrees from its middle, and how fast it turns in degrees a second; `undefined` where its sheet is too silent. */
  servo(id: string): { degrees: number; speed: number } | undefined {
    const found = this.model.servos.find(({ device }) => device.id === id);
    if (!found) return undefined;
    const { angleIndex, speedIndex } = found.device;
    return { degrees: radian * this.x[angleIndex]!, speed: radian * this.x[speedIndex]! };
  }

  /** Degrees Celsius of a controller or a motor. */
  celsius(id: string): number | undefined {
    return this.model.heats.find(({ node }) => node.id === id)?.celsius;
  }

  /** What has stopped a controller though its stick asks: its own heat, or volts too low; nothing where it gives. */
  stopped(controllerId: string): 'too hot' | 'cut off' | undefined {
    const device = this.model.controllers.find((each) => each.device.id === controllerId)?.device;
    return device?.isShut ? 'too hot' : device?.isCut ? 'cut off' : undefined;
  }

  /** How fast the model goes, in m/s; `undefined` where nothing moves it, as on its stand. */
  get metresPerSecond(): number | undefined {
    return this.model.speed.isThere ? this.model.speed.metresPerSecond : undefined;
  }

  /** Charge left in the emptiest pack, 0 to 1. */
  get charge(): number | undefined {
    const all = this.model.packs.flatMap(({ discharge }) => discharge?.charge ?? []);
    return all.length > 0 ? Math.min(...all) : undefined;
  }

  /** What has happened since it was asked last: fuses, heat, cut-offs, an empty pack. */
  news(): TrialEvent[] {
    const { followers, guards } = this.model;
    return [...followers, ...guards]
      .flatMap((watcher) => watcher.events())
      .filter(({ kind, subject, at }) => {
        const key = `${kind} ${subject} ${at}`;
        return !this.over.has(`${kind} ${subject}`) && !this.told.has(key) && this.told.add(key);
      });
  }

  private get x(): Float64Array {
    return this.course.now;
  }

  /** Takes over from a model of the same parts what the time with its pack in has done to them. */
  private carryOn(last: RunningModel): void {
    const { packs, heats, device } = this.model;
    for (const { pack, discharge } of packs) {
      const before = last.packs.find((each) => each.pack.fitting.id === pack.fitting.id)?.discharge;
      if (before) discharge?.begin(before.charge);
      if (before?.charge === 0) this.over.add(`empty ${pack.fitting.id}`);
    }
    for (const heat of heats) {
      const before = last.heats.find(({ node }) => node.id === heat.node.id);
      if (before) heat.celsius = before.celsius;
    }
    for (const [id, fuse] of device) {
      const before = last.device.get(id);
      if (!(fuse instanceof PtcFuse && before instanceof PtcFuse)) continue;
      fuse.isBlown = before.isBlown;
      if (fuse.isBlown) this.over.add(`fuse ${id}`);
    }
  }

  /** Moves the hands. @returns whether any bends the line of what drives the network */
  private order(now: number, seconds: number, { duty, degrees, on, held }: Orders): boolean {
    let bends = false;
    const { servos, controllers } = this.model;
    const move = (id: string, value: number) => {
      if (this.hands.get(id)?.move(now, seconds, value)) bends = true;
    };
    for (const { device } of servos) {
      const target = degrees(device.id);
      const isHeld = held === device.id;
      if (isHeld !== device.isHeld || (target === undefined) !== device.isLimp) bends = true;
      device.isHeld = isHeld;
      device.isLimp = target === undefined;
      if (target !== undefined) move(device.id, target / radian);
    }
    for (const { device } of controllers) move(device.id, duty(device.id));
    const worked = new Set([...servos, ...controllers].map(({ device }) => device.id));
    for (const id of this.hands.keys()) if (!worked.has(id)) move(id, on(id));
    return bends;
  }
}

/** On the stand nothing bears on wheels, screws and servos; under way what bears on them is as on any outing. */
function liveConditions(context: Reading, isUnderWay: boolean, charge: number): Conditions {
  const task: TrialTask = {
    outing: { id: 'live', name: '', seconds: 1, effort: 1, tracks: [] },
    charge,
    air: usual.air,
    age: 1,
  };
  const moving = outingConditions(context, task);
  if (isUnderWay) return moving;
  return { ...moving, isOnStand: true, servoTorque: () => 0, servoLoad: () => 0 };
}
