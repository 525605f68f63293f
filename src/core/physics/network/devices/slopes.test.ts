import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { servoSheet } from '../../../../../tests/kit/servo-sheet';
import { networkOf } from '../reference-form';
import type { Element, ElementKind, ElementOfKind } from '.';
import type { UnknownKind } from '../device';

/** One element of each kind between nodes a, b and c, with ordinary values. */
const specimens: { [Kind in ElementKind]: Element } = {
  source: { kind: 'source', id: 'e', node: 'a', to: 'c', volts: 11.4, ohms: 0.05, r1: 0.02, c1: 40 },
  resistor: { kind: 'resistor', id: 'e', from: 'a', to: 'b', ohms: 0.7 },
  capacitor: { kind: 'capacitor', id: 'e', from: 'a', to: 'b', farads: 1e-3 },
  diode: { kind: 'diode', id: 'e', from: 'a', to: 'b', forwardVolts: 0.4, ohms: 0.05 },
  buck: {
    kind: 'buck',
    id: 'e',
    from: 'a',
    to: 'b',
    ground: 'c',
    setVolts: 5,
    maxAmps: 40,
    efficiency: 0.85,
    dropoutVolts: 0.8,
    quiescentAmps: 0.01,
    outOhms: 0.1,
  },
  linear: {
    kind: 'linear',
    id: 'e',
    from: 'a',
    to: 'b',
    ground: 'c',
    setVolts: 5,
    maxAmps: 40,
    dropoutVolts: 1.1,
    quiescentAmps: 0.006,
    outOhms: 0.1,
  },
  currentLoad: { kind: 'currentLoad', id: 'e', from: 'a', to: 'b', amps: 0.4, kneeVolts: 3 },
  powerLoad: { kind: 'powerLoad', id: 'e', from: 'a', to: 'b', watts: 3, minVolts: 4 },
  ledString: {
    kind: 'ledString',
    id: 'e',
    from: 'a',
    to: 'b',
    ledsPerString: 2,
    strings: 3,
    ohms: 68,
    forwardVolts: 2,
  },
  controller: {
    kind: 'controller',
    id: 'e',
    from: 'a',
    to: 'b',
    ground: 'c',
    escOhms: 0.2,
    duty: 0.6,
    // At 0 V its own kink would fall together with that of its output.
    quiescentAmps: 0,
  },
  motor: {
    kind: 'motor',
    id: 'm',
    from: 'a',
    to: 'b',
    kv: 620,
    motorOhms: 0.12,
    noLoadAmps: 0.6,
    loadConst: 0.01,
    loadLinear: 1e-5,
    loadSquare: 2e-6,
    inertia: 1e-5,
    omegaEps: 1,
  },
  drive: {
    kind: 'drive',
    id: 'e',
    from: 'a',
    to: 'b',
    kv: 620,
    motorOhms: 0.3,
    escOhms: 0.004,
    noLoadAmps: 0.5,
    duty: 0.7,
    loadConst: 0.002,
    loadLinear: 1e-6,
    loadSquare: 3e-7,
    inertia: 4e-5,
    omegaEps: 1,
    quiescentAmps: 0.05,
  },
  vehicle: { kind: 'vehicle', id: 'car', mass: 1.5, crr: 0.05, vEps: 0.5, cdA: 0.02, grade: 0.2 },
  hull: { kind: 'hull', id: 'boat', mass: 4, dragLinear: 0.4, dragSquare: 3 },
  ptcFuse: {
    kind: 'ptcFuse',
    id: 'e',
    from: 'a',
    to: 'b',
    // Gentle, so that its bend over the width of a slope does not count.
    rCold: 2,
    ratio: 5,
    tripC: 60,
    widthC: 20,
    heatCapacity: 0.2,
    thermalOhms: 60,
    ambientC: 25,
  },
  servo: {
    kind: 'servo',
    id: 'e',
    from: 'a',
    to: 'b',
    ...servoSheet,
    command: [[0, 0.4]],
    loadSpring: 0.3,
    loadConst: 0.05,
  },
};

/** What only stands beside motors: a body for each to move. */
const bodies: Element[] = [
  { kind: 'vehicle', id: 'car', mass: 1.5, crr: 0.05, vEps: 0.05, cdA: 0.02, grade: 0.2 },
  { kind: 'hull', id: 'boat', mass: 4, dragLinear: 0.4, dragSquare: 3 },
  {
    kind: 'vehicle',
    id: 'tank',
    mass: 4,
    crr: 0.15,
    vEps: 0.05,
    cdA: 0.04,
    grade: 0.2,
    skid: { mu: 0.7, lengthOverGauge: 1.7 },
  },
];

const shaft = { ...(specimens.drive as ElementOfKind<'drive'>), loadConst: 0, duty: 0.6 };

/** Elements of the kinds that have more than one way to be. */
const others: Record<string, Element> = {
  'pack that runs down': {
    kind: 'source',
    id: 'e',
    node: 'a',
    to: 'c',
    openVolts: [
      [-2, 5],
      [0, 9],
      [0.4, 11],
      [2, 12.6],
    ],
    coulombs: 300,
    charge: 0.7,
    ohms: 0.05,
    r1: 0.02,
    c1: 40,
  },
  'drive that runs free': { ...shaft, freewheel: true },
  'drive that runs free, astern': { ...shaft, freewheel: true, duty: -0.6 },
  'drive at neutral with drag brake': { ...shaft, freewheel: true, dragBrake: 0.4, duty: 0 },
  'drive that gives back': { ...shaft, synchronous: true, duty: 0.3 },
  'controller that runs free': {
    ...(specimens.controller as ElementOfKind<'controller'>),
    freewheel: true,
  },
  'controller that gives back': {
    ...(specimens.controller as ElementOfKind<'controller'>),
    synchronous: true,
  },
  'drive with wheels': {
    ...shaft,
    wheels: {
      on: 'car',
      mu: 0.9,
      drivenShare: 0.7,
      tyreRadius: 0.033,
      gearRatio: 7,
      efficiency: 0.8,
      slipSpeed: 2,
    },
  },
  'drive of one track': {
    ...shaft,
    wheels: {
      on: 'tank',
      mu: 0.7,
      drivenShare: 0.5,
      tyreRadius: 0.0225,
      gearRatio: 60,
      efficiency: 0.6,
      slipSpeed: 2,
      side: -1,
    },
  },
  'drive whose wheel is wedged': { ...shaft, jam: { over: [[0, 0.7]], damping: 0.02 } },
  'drive with a screw': {
    ...shaft,
    screw: {
      on: 'boat',
      diameter: 0.04,
      shaftRatio: 1.5,
      kt0: 0.4,
      kt1: 0.3,
      kq0: 0.06,
      kq1: 0.04,
      kt2: 0.1,
      kq2: 0.02,
      asternThrust: 0.7,
      asternTorque: 0.9,
    },
  },
  'drive with a screw that cavitates': {
    ...shaft,
    screw: {
      on: 'boat',
      diameter: 0.04,
      shaftRatio: 1,
      kt0: 0.4,
      kt1: 0.3,
      kq0: 0.06,
      kq1: 0.04,
      cavitationThrust: 3,
    },
  },
};

/** So that every node is solved for: a wire to ground is part of each. */
const tails: Element[] = ['a', 'b', 'c'].map((from) => ({
  kind: 'currentLoad',
  id: `tail-${from}`,
  from,
  amps: 0,
  kneeVolts: 1,
}));

/** Numbers between, or zero, but none so near to zero that two kinks lie within one step. */
const between = (min: number, max: number) =>
  fc.double({ min, max, noNaN: true }).map((value) => (Math.abs(value) < 1e-3 ? 0 : value));
const volts = between(-2, 14);
const ranges: Record<UnknownKind, fc.Arbitrary<number>> = {
  volts,
  speed: between(-300, 300),
  angle: between(-1, 1),
  pace: between(-8, 8),
  celsius: between(20, 120),
  charge: between(-0.2, 1.2),
};

describe('the slopes that a device stamps', () => {
  it.each(Object.entries({ ...specimens, ...others }))(
    'of a %s are those of its currents, at any point',
    (kind, specimen) => {
      const network = networkOf(
        [specimen, ...bodies.filter(({ id }) => id !== specimen.id), ...tails],
        false,
      );
      const { size, kinds, lu } = network;
      const unknowns = Array.from({ length: size - 1 }, (_, n) => ranges[kinds[n + 1]!]);
      const evaluate = (x: Float64Array) => {
        const [f, a] = [new Float64Array(size), new Float64Array(lu.values.length)];
        network.evaluate({ x, f, a, time: 1 });
        return { f, a };
      };
      fc.assert(
        fc.property(fc.tuple(...unknowns), (values) => {
          const x = Float64Array.from([0, ...values]);
          const { f, a } = evaluate(x);
          for (let column = 1; column < size; column += 1) {
            const width = 1e-6 * Math.max(1, Math.abs(x[column]!));
            const [up, down] = [x.slice(), x.slice()];
            up[column]! += width;
            down[column]! -= width;
            const [above, below] = [evaluate(up).f, evaluate(down).f];
            for (let row = 1; row < size; row += 1) {
              const [left, right] = [(f[row]! - below[row]!) / width, (above[row]! - f[row]!) / width];
              let stamped = 0;
              try {
                stamped = a[lu.slot(row, column)]!;
              } catch {
                // No place in the matrix means a slope of nothing.
              }
              const near = (slope: number) =>
                Math.abs(stamped - slope) <= 1e-4 * Math.max(1, Math.abs(slope));
              // At a kink the slope is that of one of its sides.
              expect(near(left) || near(right), `${kind}: row ${row} by ${column}`).toBe(true);
            }
          }
        }),
        { numRuns: 150 },
      );
    },
  );

  it.each(Object.entries({ ...specimens, ...others }))(
    'of a %s let no current get lost between its nodes',
    (_, specimen) => {
      const network = networkOf(
        [specimen, ...bodies.filter(({ id }) => id !== specimen.id), ...tails],
        false,
      );
      const [a, b, c] = ['a', 'b', 'c'].map((name) => network.indexOf(name)!) as [number, number, number];
      fc.assert(
        fc.property(fc.array(volts, { minLength: network.size, maxLength: network.size }), (values) => {
          const x = Float64Array.from(values);
          x[0] = 0;
          const f = new Float64Array(network.size);
          network.evaluate({ x, f, a: new Float64Array(network.lu.values.length), time: 1 });
          const leaks = 1e-6 * (x[a]! + x[b]! + x[c]!);
          expect(Math.abs(f[a]! + f[b]! + f[c]! - leaks)).toBeLessThan(1e-9 * Math.max(1, Math.abs(f[a]!)));
        }),
      );
    },
  );
});
