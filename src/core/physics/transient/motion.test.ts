import { describe, expect, it } from 'vitest';
import type { Element } from '../network/devices';
import type { Drive } from '../network/devices/drive';
import { PtcFuse } from '../network/devices/ptc-fuse';
import type { TrackPoints } from '../network/track';
import { networkOf } from '../network/reference-form';
import { integrate } from './integrate';

const gravity = 9.81;
const pack: Element = { kind: 'source', id: 'pack', node: 'p', volts: 7.6, ohms: 0.03 };
const car = { mass: 1.5, crr: 0.05, vEps: 0.05, cdA: 0.01, grade: 0 as number | TrackPoints };
const wheels = {
  on: 'car',
  mu: 0.9,
  drivenShare: 0.7,
  tyreRadius: 0.033,
  gearRatio: 7,
  efficiency: 1,
  slipSpeed: 0.5,
};
const drive = {
  kind: 'drive' as const,
  id: 'm',
  from: 'p',
  kv: 3000,
  motorOhms: 0.03,
  escOhms: 0.003,
  noLoadAmps: 1.5,
  duty: [[0, 1]] as TrackPoints,
  loadConst: 0,
  loadLinear: 0,
  loadSquare: 0,
  inertia: 1.3e-5,
  omegaEps: 1,
  quiescentAmps: 0.05,
};

interface Row {
  time: number;
  step: number;
  speed: number;
  shaft: number;
  motorAmps: number;
  packAmps: number;
  volts: number;
}

/** A car on wheels through some seconds, step by step. */
function ridden(
  seconds: number,
  change: { drive?: object; car?: object; wheels?: object; pack?: object } = {},
): Row[] {
  const elements = [
    { ...pack, ...change.pack },
    { ...drive, wheels: { ...wheels, ...change.wheels }, ...change.drive },
    { kind: 'vehicle', id: 'car', ...car, ...change.car },
  ] as Element[];
  const network = networkOf(elements, false);
  const [source, motor] = network.devices;
  const at = (name: string) => network.indexOf(name)!;
  const rows: Row[] = [];
  const run = integrate(network, {
    seconds,
    mostStep: 0.02,
    looseness: 0.1,
    onStep: (time, x, step) => {
      rows.push({
        time,
        step,
        speed: x[at('car_v')]!,
        shaft: x[at('m_w')]!,
        motorAmps: (motor as Drive).motorAmps(x, time),
        packAmps: source!.amps(x, time),
        volts: x[at('p')]!,
      });
      return 'go on';
    },
  });
  expect(run.ok).toBe(true);
  return rows;
}

const last = (rows: readonly Row[]) => rows.at(-1)!;

describe('a car', () => {
  it('is never pushed harder than its driven wheels grip', () => {
    const rows = ridden(3, { drive: { kv: 6000 } });
    for (const [n, row] of rows.slice(1).entries()) {
      const before = rows[n]!;
      const push = (car.mass * (row.speed - before.speed)) / row.step;
      expect(push).toBeLessThan(wheels.mu * car.mass * gravity * wheels.drivenShare * 1.001);
    }
  });

  it('is faster on more cells, and as much faster as its volts where nothing holds it', () => {
    const free = { car: { crr: 0, cdA: 0 }, drive: { noLoadAmps: 0 } };
    const [two, three] = [7.6, 11.4].map((volts) => last(ridden(25, { ...free, pack: { volts } })).speed);
    expect(three! / two!).toBeCloseTo(1.5, 2);
    const [slow, fast] = [7.6, 11.4].map((volts) => last(ridden(25, { pack: { volts } })).speed);
    expect(fast! / slow!).toBeGreaterThan(1.3);
  });

  it('coasts as long as rolling lets it, and not at all where its controller brakes', () => {
    const duty: TrackPoints = [
      [0, 1],
      [4, 1],
      [4.01, 0],
    ];
    const still = { car: { cdA: 0 }, drive: { duty, noLoadAmps: 0, freewheel: true } };
    const rows = ridden(6, still);
    const [from, to] = [rows.find(({ time }) => time > 4.1)!, last(rows)];
    // What turns with the motor coasts along: J·(G/r)² beside the mass.
    const alongside = drive.inertia * (wheels.gearRatio / wheels.tyreRadius) ** 2;
    const slowing = (car.crr * car.mass * gravity) / (car.mass + alongside);
    expect((from.speed - to.speed) / (to.time - from.time)).toBeCloseTo(slowing, 3);
    const braked = last(ridden(6, { car: { cdA: 0 }, drive: { duty, noLoadAmps: 0 } }));
    expect(braked.speed).toBeLessThan(0.3 * to.speed);
  });

  it('does not roll down a slope that its grip and rolling hold, and slides where they do not', () => {
    const parked = { drive: { duty: [[0, 0]], freewheel: true, dragBrake: 1 } };
    expect(Math.abs(last(ridden(3, { ...parked, car: { grade: 0.03 } })).speed)).toBeLessThan(0.05);
    expect(last(ridden(3, { ...parked, car: { grade: 0.9 } })).speed).toBeLessThan(-1);
  });

  it('finds the energy of its pack again as heat, rolling, wind, slip and motion, within 0.1 %', () => {
    const rows = ridden(5, { wheels: { efficiency: 0.8 }, drive: { synchronous: true } });
    const kt = 60 / (2 * Math.PI * drive.kv);
    const reach = wheels.tyreRadius / wheels.gearRatio;
    const grip = wheels.mu * car.mass * gravity * wheels.drivenShare;
    const powers = (row: Row) => {
      const force = grip * Math.tanh((row.shaft * reach - row.speed) / wheels.slipSpeed);
      return [
        7.6 * row.packAmps,
        0.03 * row.packAmps ** 2 +
          drive.quiescentAmps * row.volts +
          0.033 * row.motorAmps ** 2 +
          kt * drive.noLoadAmps * Math.tanh(row.shaft) * row.shaft +
          // Gears and tyres: what the shaft gives, less what pushes the car.
          reach * (force + 0.25 * Math.abs(force) * Math.tanh(row.shaft)) * row.shaft -
          force * row.speed +
          car.crr * car.mass * gravity * Math.tanh(row.speed / car.vEps) * row.speed +
          0.6 * car.cdA * Math.abs(row.speed) ** 3,
      ];
    };
    const sums = [0, 0];
    let before = [0, 0];
    for (const row of rows) {
      const now = powers(row);
      now.forEach((watts, n) => (sums[n]! += ((watts + before[n]!) * row.step) / 2));
      before = now;
    }
    const { speed, shaft } = last(rows);
    const stored = 0.5 * car.mass * speed ** 2 + 0.5 * drive.inertia * shaft ** 2;
    expect(Math.abs(sums[0]! - sums[1]! - stored) / sums[0]!).toBeLessThan(0.001);
  });
});

describe('a resettable fuse', () => {
  it('trips under more than it holds, passes a trickle while hot, and comes back when cool', () => {
    const elements: Element[] = [
      pack,
      {
        kind: 'ptcFuse',
        id: 'fuse',
        from: 'p',
        to: 'w',
        rCold: 0.05,
        ratio: 1000,
        tripC: 115,
        widthC: 6,
        heatCapacity: 0.15,
        thermalOhms: 60,
        ambientC: 25,
      },
      {
        kind: 'currentLoad',
        id: 'winch',
        from: 'w',
        amps: 8,
        kneeVolts: 3,
        on: [
          [0, 1],
          [20, 1],
          [20.1, 0],
          [90, 0],
          [90.1, 0.05],
        ],
      },
    ];
    const network = networkOf(elements, false);
    const fuse = network.devices.find((device) => device instanceof PtcFuse)!;
    const amps: [number, number][] = [];
    integrate(network, {
      seconds: 95,
      mostStep: 0.5,
      onStep: (time, x) => {
        amps.push([time, fuse.amps(x)]);
        return 'go on';
      },
    });
    const at = (seconds: number) => amps.find(([time]) => time >= seconds)![1];
    expect(at(0.2)).toBeGreaterThan(7);
    expect(at(15)).toBeLessThan(1);
    expect(at(15)).toBeGreaterThan(0.01);
    expect(at(94)).toBeCloseTo(0.4, 2);
  });
});
