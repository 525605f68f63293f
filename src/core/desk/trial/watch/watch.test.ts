import { describe, expect, it } from 'vitest';
import type { Device } from '../../../physics/network/device';
import { Controller } from '../../../physics/network/devices/controller';
import { Regulator } from '../../../physics/network/devices/regulator';
import { MovingServo } from '../../../physics/network/devices/servo';
import { Source } from '../../../physics/network/devices/source';
import { networkOf } from '../../../physics/network/reference-form';
import type { Element } from '../../../physics/network/devices';
import { BrownOut } from './brown-out';
import { CutOff } from './cut-off';
import { Discharge } from './discharge';
import { Heat } from './heat';
import { Limit } from './limit';
import { ShutDown } from './shut-down';
import { Stall } from './stall';
import { Stretches, type Watcher } from './watcher';

const elements: Element[] = [
  { kind: 'source', id: 'pack', node: 'p', volts: 8, ohms: 0.1 },
  {
    kind: 'linear',
    id: 'bec',
    from: 'p',
    to: 'rail',
    setVolts: 5,
    maxAmps: 2,
    dropoutVolts: 1,
    quiescentAmps: 0,
    outOhms: 0.1,
  },
  {
    kind: 'servo',
    id: 'servo',
    from: 'rail',
    refVolts: 5,
    stallAmps: 2,
    stallTorque: 1,
    noLoadSpeed: 7,
    noLoadAmps: 0.2,
    timeConstant: 0.02,
    idleAmps: 0.01,
    command: [[0, 1]],
  },
  {
    kind: 'controller',
    id: 'esc',
    from: 'p',
    to: 'm',
    escOhms: 0.01,
    duty: [
      [0, 1],
      [8, 1],
      [8.1, 0],
      [9, 0],
      [9.1, 1],
    ],
    quiescentAmps: 0,
  },
  {
    kind: 'motor',
    id: 'motor',
    from: 'm',
    kv: 600,
    motorOhms: 0.5,
    noLoadAmps: 0.4,
    loadConst: 0,
    loadLinear: 0,
    loadSquare: 1e-7,
    inertia: 1e-5,
    omegaEps: 1,
  },
];

/** A small model whose unknowns a test sets by hand. */
function bench() {
  const network = networkOf(elements, false);
  const device = <Kind extends Device>(kind: new (...all: never[]) => Kind): Kind => {
    const found = network.devices.find((candidate) => candidate instanceof kind);
    if (!found) throw new Error(kind.name);
    return found as Kind;
  };
  const x = new Float64Array(network.names.length);
  const at = (name: string) => network.indexOf(name)!;
  let time = 0;
  return {
    at,
    servo: device(MovingServo),
    drive: device(Controller),
    regulator: device(Regulator),
    source: device(Source),
    rail: (point: Float64Array) => point[at('rail')]!,
    /** Lets a watcher see steps of a tenth of a second with some unknowns held. @returns the times it switched at */
    hold: (watcher: Watcher, seconds: number, held: Record<string, number>): number[] => {
      for (const [name, value] of Object.entries(held)) x[at(name)] = value;
      const switched: number[] = [];
      for (const until = time + seconds - 1e-9; time < until;) {
        time += 0.1;
        if (watcher.look({ time, step: 0.1, x })) switched.push(Math.round(time * 10) / 10);
      }
      return switched;
    },
  };
}

describe('a receiver', () => {
  function watched() {
    const made = bench();
    const watcher = new BrownOut({
      receiver: { id: 'rx', name: 'receiver', floor: 3.8 },
      volts: made.rail,
      servos: [made.servo],
      drives: [made.drive],
    });
    return { ...made, watcher };
  }

  it('lets nothing move before it has been up, and is not judged until then', () => {
    const { watcher, hold, servo, drive } = watched();
    expect(hold(watcher, 1, { rail: 2 })).toEqual([]);
    expect([servo.isLimp, drive.isFailSafe]).toEqual([true, true]);
    expect(watcher.count).toBe(0);
    expect(watcher.events()).toMatchObject([{ kind: 'neverWakes', subject: 'rx' }]);
    expect(watcher.events()[0]!.words).toContain('2.0 V at most, and needs 3.9 V');
    expect(hold(watcher, 0.3, { rail: 5 })).toEqual([1.1]);
    expect([servo.isLimp, drive.isFailSafe]).toEqual([false, false]);
    expect(watcher.events()).toEqual([]);
  });

  it('that nothing feeds, or that is not there at all, moves nothing', () => {
    const { watcher, hold } = watched();
    hold(watcher, 1, { rail: 0 });
    expect(watcher.events()[0]!.words).toContain('no power reaches it');
    const made = bench();
    const none = new BrownOut({
      receiver: undefined,
      volts: () => 0,
      servos: [made.servo],
      drives: [made.drive],
    });
    made.hold(none, 1, { rail: 5 });
    expect([none.hasWoken, made.drive.isFailSafe]).toEqual([false, true]);
  });

  it('goes down at once, and comes back once its volts have been back for a while', () => {
    const { watcher, hold, servo, drive } = watched();
    hold(watcher, 1, { rail: 5 });
    expect(hold(watcher, 0.2, { rail: 3.7 })).toEqual([1.1]);
    expect([servo.isLimp, drive.isFailSafe]).toEqual([true, true]);
    // 3.85 V is above the floor, but not far enough to start.
    expect(hold(watcher, 2, { rail: 3.85 })).toEqual([]);
    expect(hold(watcher, 2, { rail: 5 })).toEqual([4]);
    expect([servo.isLimp, drive.isFailSafe]).toEqual([false, false]);
    expect(watcher.count).toBe(1);
    expect(watcher.seconds).toBeCloseTo(2.9, 6);
    expect(watcher.events()[0]).toMatchObject({ kind: 'brownOut', subject: 'rx' });
  });

  it('starts over where its volts dip again while it starts', () => {
    const { watcher, hold } = watched();
    hold(watcher, 1, { rail: 5 });
    hold(watcher, 0.1, { rail: 3.5 });
    hold(watcher, 0.5, { rail: 5 });
    hold(watcher, 0.1, { rail: 3.5 });
    expect(hold(watcher, 1.5, { rail: 5 })).toEqual([2.5]);
    expect(watcher.count).toBe(1);
  });
});

describe('a controller with a cut-off', () => {
  it('cuts off after half a second of low volts, and lets go when its throttle was at zero', () => {
    const made = bench();
    const watcher = new CutOff({
      controller: { id: 'esc', name: 'controller' },
      drive: made.drive,
      threshold: 6,
      volts: (x) => x[made.at('p')]!,
    });
    expect(made.hold(watcher, 0.3, { p: 5.5 })).toEqual([]);
    expect(made.hold(watcher, 1, { p: 7 })).toEqual([]);
    expect(made.hold(watcher, 1, { p: 5.5 })).toEqual([1.9]);
    expect(made.drive.isCut).toBe(true);
    // Volts that come back do not bring the motor back: the stick does, at 8.1 s.
    expect(made.hold(watcher, 5, { p: 8 })).toEqual([]);
    expect(made.hold(watcher, 2, { p: 8 })).toHaveLength(1);
    expect(made.drive.isCut).toBe(false);
    expect(watcher.events()).toHaveLength(1);
  });
});

describe('a linear BEC with a guard against its own heat', () => {
  it('gives nothing once it is too hot, and comes back twenty degrees cooler', () => {
    const made = bench();
    const heat = new Heat(
      {
        id: 'bec',
        name: 'BEC',
        watts: (x) => made.regulator.lossWatts(x),
        kelvinPerWatt: 30,
        seconds: 20,
        limit: 105,
      },
      25,
    );
    const guard = new ShutDown(made.regulator, heat, { id: 'bec', name: 'BEC', loss: 'the rail is dead' });
    const both: Watcher = {
      look: (moment) => {
        heat.look(moment);
        return guard.look(moment);
      },
      events: () => guard.events(),
    };
    // (8 − 4.9) V · 1 A on 30 K/W would settle at 118 °C.
    const [shut] = made.hold(both, 42, { p: 8, rail: 4.9 });
    expect(shut).toBeCloseTo(20 * Math.log(93 / 13), 0);
    expect(made.regulator.isShut).toBe(true);
    const [back] = made.hold(both, 10, {});
    // From 105 to 85 °C in air of 25.
    expect(back! - shut!).toBeCloseTo(20 * Math.log(80 / 60), 0);
    expect(made.regulator.isShut).toBe(false);
    expect(heat.most).toBeLessThan(106);
    expect(guard.events()[0]).toMatchObject({ kind: 'shutDown', subject: 'bec' });
  });
});

describe('a pack', () => {
  it('gives its amp-hours, loses open-circuit volts, and is told from its floor', () => {
    const made = bench();
    const watcher = new Discharge({
      pack: { id: 'pack', name: 'pack', chemistry: 'LiPo', cells: 2 },
      source: made.source,
      ampHours: 0.01,
      charge: 1,
      volts: (x) => x[made.at('p')]!,
    });
    const full = made.source.volts;
    made.hold(watcher, 0.1, { p: 7 });
    const charge = watcher.charge;
    made.hold(watcher, 1, { p: 7 });
    expect(watcher.charge).toBeLessThan(charge);
    expect(1 - watcher.charge).toBeCloseTo(watcher.given / 36, 9);
    expect(made.source.volts).not.toBe(full);
    expect(watcher.events()).toEqual([]);
    made.hold(watcher, 1, { p: 5.9 });
    expect(watcher.events()).toHaveLength(1);
    expect(watcher.mostAmps).toBeGreaterThan(0);
  });
});

describe('a part that warms', () => {
  const node = (watts: number) => ({
    id: 'esc',
    name: 'controller',
    watts: () => watts,
    kelvinPerWatt: 10,
    seconds: 20,
    limit: 60,
  });

  it('is where the exact solution is, whatever the steps', () => {
    const [fine, coarse] = [new Heat(node(5), 20), new Heat(node(5), 20)];
    for (let n = 1; n <= 100; n += 1) fine.look({ time: n / 10, step: 0.1, x: new Float64Array(1) });
    coarse.look({ time: 10, step: 10, x: new Float64Array(1) });
    const exact = 20 + 50 * (1 - Math.exp(-10 / 20));
    expect(fine.celsius).toBeCloseTo(exact, 9);
    expect(coarse.celsius).toBeCloseTo(exact, 9);
  });

  it('is told when it passes what it stands', () => {
    const heat = new Heat(node(6), 20);
    for (let n = 1; n <= 100; n += 1) heat.look({ time: n, step: 1, x: new Float64Array(1) });
    const [event] = heat.events();
    // 20 + 60·(1 − e^(−t/20)) passes 60 at 20·ln 3 = 22 s.
    expect(event!.at).toBeCloseTo(21, 0);
    expect(event!.words).toContain('60 °C');
  });
});

describe('limits and stalls', () => {
  it('tell a regulator that gives all it can, with gaps too short to tell closed', () => {
    const made = bench();
    const watcher = new Limit(made.regulator, { id: 'esc', name: 'BEC of the controller', maxAmps: 2 });
    made.hold(watcher, 0.5, { p: 8, rail: 4.99 });
    expect(watcher.events()).toEqual([]);
    made.hold(watcher, 0.3, { rail: 4 });
    made.hold(watcher, 0.1, { rail: 4.99 });
    made.hold(watcher, 0.3, { rail: 4 });
    expect(watcher.events()).toHaveLength(1);
    expect(watcher.events()[0]!.short).toBe('BEC of the controller, 2.0 A');
  });

  it('tell a servo that stands and pushes, not one that moves or turns round', () => {
    const made = bench();
    const watcher = new Stall(made.servo, { id: 'servo', name: 'rudder' });
    made.hold(watcher, 1, { rail: 5, servo_w: 3 });
    made.hold(watcher, 0.2, { servo_w: 0 });
    made.hold(watcher, 1, { servo_w: -3 });
    expect(watcher.events()).toEqual([]);
    made.hold(watcher, 0.6, { servo_w: 0 });
    expect(watcher.events()).toHaveLength(1);
  });
});

describe('Stretches', () => {
  it('close gaps up to their own, and open anew after longer ones', () => {
    const stretches = new Stretches(0.25);
    for (const [time, isSo] of [
      [1, true],
      [1.1, false],
      [1.2, true],
      [2, false],
      [3, true],
    ] as const)
      stretches.note(isSo, { time, step: 0.1 });
    expect(stretches.all).toEqual([
      { at: 0.9, until: 1.2 },
      { at: 2.9, until: 3 },
    ]);
    expect(stretches.seconds).toBeCloseTo(0.4, 9);
  });
});
