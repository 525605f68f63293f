import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { transientCases } from '../../../../tests/kit/cases';
import { servoSheet } from '../../../../tests/kit/servo-sheet';
import type { Element } from '../network/devices';
import { Drive, type DriveValues } from '../network/devices/drive';
import { MovingServo } from '../network/devices/servo';
import { networkOf } from '../network/reference-form';
import { integrate } from './integrate';
import { solveCourse } from './transient-case';

const pack: Element = { kind: 'source', id: 'pack', node: 'p', volts: 11.4, ohms: 0.05, r1: 0.02, c1: 50 };
const lead: Element = { kind: 'resistor', id: 'lead', from: 'p', to: 'e', ohms: 0.02 };
const driveValues: DriveValues = {
  id: 'm',
  from: 'e',
  kv: 620,
  motorOhms: 0.4,
  escOhms: 0.004,
  noLoadAmps: 0.5,
  duty: [
    [0, 0],
    [0.1, 0.2],
    [0.3, 1],
    [1.2, 1],
    [1.4, 0.6],
  ],
  loadConst: 0.001,
  loadLinear: 1e-6,
  loadSquare: 2e-7,
  inertia: 4e-5,
  omegaEps: 1,
  quiescentAmps: 0.05,
};
const servo = (id: string): Element => ({
  kind: 'servo',
  id,
  from: 'rail',
  ...servoSheet,
  command: [
    [0.05, 0],
    [0.06, 0.9],
    [0.4, 0.9],
    [0.41, -0.9],
  ],
  band: 0.06,
  loadSpring: 0.3,
  omegaEps: 0.1,
});

/** Follows a network and adds up the powers that a function reads off, in joules. */
function joules(
  elements: readonly Element[],
  seconds: number,
  looseness: number,
  powers: (network: ReturnType<typeof networkOf>) => (x: Float64Array, time: number) => number[],
) {
  const network = networkOf(elements, false);
  const read = powers(network);
  let last = { time: 0, watts: read(new Float64Array(network.names.length), 0) };
  const sums = last.watts.map(() => 0);
  const run = integrate(network, {
    seconds,
    mostStep: seconds / 20,
    looseness,
    onStep: (time, x) => {
      const watts = read(x, time);
      watts.forEach((value, n) => (sums[n]! += ((time - last.time) * (value + last.watts[n]!)) / 2));
      last = { time, watts };
      return 'go on';
    },
  });
  expect(run.ok).toBe(true);
  return sums;
}

describe('energy', () => {
  it('from the pack is found again as heat, friction, load and motion, within 0.1 %', () => {
    const inertia = driveValues.inertia;
    let speedAtEnd = 0;
    const [given, found] = joules([pack, lead, { kind: 'drive', ...driveValues }], 2, 0.05, (network) => {
      const drive = network.devices.find((device) => device instanceof Drive)!;
      const source = network.devices[0]!;
      const at = (name: string) => network.indexOf(name)!;
      const kt = 60 / (2 * Math.PI * driveValues.kv);
      return (x, time) => {
        const amps = source.amps(x, time);
        const motorAmps = drive.motorAmps(x, time);
        const speed = x[at('m_w')]!;
        speedAtEnd = speed;
        const sag = x[at('pack_v1')]!;
        const isDrawing = drive.amps(x, time) > driveValues.quiescentAmps;
        const emf = (11.4 - sag) * amps;
        const heat =
          0.05 * amps ** 2 +
          0.02 * amps ** 2 +
          (isDrawing ? 0.404 * motorAmps ** 2 : 0) +
          driveValues.quiescentAmps * x[at('e')]!;
        const torque =
          (kt * driveValues.noLoadAmps + driveValues.loadConst) * Math.tanh(speed) +
          driveValues.loadLinear * speed +
          driveValues.loadSquare * speed * Math.abs(speed);
        // While it brakes the motor's own watts go into its windings and the load, not into the pack.
        const braking = isDrawing ? 0 : -kt * motorAmps * speed;
        return [emf, heat + torque * speed + braking];
      };
    });
    const stored = 0.5 * inertia * speedAtEnd ** 2;
    expect(given!).toBeGreaterThan(20);
    expect(Math.abs(given! - found! - stored) / given!).toBeLessThan(0.001);
  });
});

describe('the step', () => {
  it('halved again and again changes nothing that matters', () => {
    for (const each of transientCases) {
      const task = each as Parameters<typeof solveCourse>[0];
      const [coarse, fine] = [solveCourse(task, 0.3), solveCourse(task, 0.02)];
      if (!coarse.ok || !fine.ok) throw new Error(each.name);
      expect(fine.value.end.steps).toBeGreaterThan(1.5 * coarse.value.end.steps);
      for (const [node, figures] of Object.entries(fine.value.figures)) {
        const swing = figures.max - figures.min;
        const other = coarse.value.figures[node]!;
        expect(Math.abs(other.min - figures.min) / swing, `${each.name} ${node}`).toBeLessThan(0.005);
        expect(Math.abs(other.mean - figures.mean) / swing, `${each.name} ${node}`).toBeLessThan(0.005);
      }
    }
  });
});

describe('symmetric servos', () => {
  it('move alike', () => {
    const bec: Element = {
      kind: 'buck',
      id: 'bec',
      from: 'e',
      to: 'rail',
      setVolts: 6,
      maxAmps: 3,
      efficiency: 0.9,
      dropoutVolts: 0.8,
      quiescentAmps: 0.01,
      outOhms: 0.02,
    };
    const rail: Element = { kind: 'capacitor', id: 'c', from: 'rail', to: 'gnd', farads: 4.7e-4 };
    const network = networkOf([pack, lead, bec, rail, servo('port'), servo('starboard')], false);
    const [port, starboard] = network.devices.filter((device) => device instanceof MovingServo) as [
      MovingServo,
      MovingServo,
    ];
    let worst = 0;
    let most = 0;
    const run = integrate(network, {
      seconds: 0.8,
      mostStep: 0.05,
      onStep: (_, x) => {
        worst = Math.max(worst, Math.abs(x[port.angleIndex]! - x[starboard.angleIndex]!));
        most = Math.max(most, Math.abs(x[port.angleIndex]!));
        return 'go on';
      },
    });
    expect(run.ok).toBe(true);
    expect(most).toBeGreaterThan(0.8);
    expect(worst).toBeLessThan(1e-9);
  });
});

describe('what stops and what switches', () => {
  it('ends when it is told to', () => {
    const network = networkOf([pack, lead, { kind: 'drive', ...driveValues }], false);
    const run = integrate(network, {
      seconds: 2,
      mostStep: 0.1,
      onStep: (time) => (time > 0.5 ? 'stop' : 'go on'),
    });
    expect(run.ok && run.value.time).toBeGreaterThan(0.5);
    expect(run.ok && run.value.time).toBeLessThan(0.7);
  });

  it('lands exactly on every bend', () => {
    const network = networkOf([pack, lead, { kind: 'drive', ...driveValues }], false);
    const times: number[] = [];
    integrate(network, {
      seconds: 2,
      mostStep: 0.1,
      breakpoints: [0.777],
      onStep: (time) => {
        times.push(time);
        return 'go on';
      },
    });
    for (const bend of [0.1, 0.3, 0.777, 1.2, 1.4, 2])
      expect(times.some((time) => Math.abs(time - bend) < 1e-9)).toBe(true);
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
});

describe('any course', () => {
  it('stays finite, or says where and when it could not be followed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 20, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.array(
          fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: -1, max: 1, noNaN: true })),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        (volts, stallAmps, moves) => {
          const command = [...moves].sort(([a], [b]) => a - b);
          const elements: Element[] = [
            { ...pack, volts },
            lead,
            { kind: 'resistor', id: 'w', from: 'e', to: 'rail', ohms: 0.1 },
            { ...servo('one'), stallAmps, noLoadAmps: stallAmps / 8, command } as Element,
            { kind: 'drive', ...driveValues, duty: command },
          ];
          const network = networkOf(elements, false);
          let isFinite = true;
          const run = integrate(network, {
            seconds: 1.2,
            mostStep: 0.1,
            looseness: 5,
            onStep: (_, x) => {
              isFinite &&= x.every(Number.isFinite);
              return 'go on';
            },
          });
          expect(isFinite).toBe(true);
          expect(run.ok || network.names.includes(run.problem.at)).toBe(true);
          expect(run.ok).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});
