import { describe, expect, it } from 'vitest';
import { servoSheet } from '../../../../../tests/kit/servo-sheet';
import { networkOf } from '../reference-form';
import { operatingPoint } from '../operating-point';
import { Regulator } from './regulator';
import type { Element } from '.';

const supply = (volts: number): Element => ({ kind: 'source', id: 'pack', node: 'p', volts, ohms: 0 });

/** Amps of one element on a stiff supply. */
function ampsAt(volts: number, element: Element): number {
  const network = networkOf([supply(volts), element], true);
  const found = operatingPoint(network);
  if (!found.ok) throw new Error(found.problem.at);
  return network.devices.find((device) => device.id === element.id)!.amps(found.value.x, 0);
}

describe('loads at rest', () => {
  it.each<[string, number, Element, number]>([
    ['a diode below its forward volts', 0.3, diode(), 0],
    ['a diode above them', 1, diode(), 0.6 / 0.05],
    ['a lamp string below its forward volts', 3.9, leds(), 0],
    ['a lamp string above them', 6, leds(), (3 * 2) / 68],
    ['a load above its knee', 5, draw(), 0.4],
    ['a load below its knee', 1.5, draw(), 0.2],
    ['a load that is half on', 5, { ...draw(), on: 0.5 } as Element, 0.2],
    ['a converter at more volts', 6, watts(), 0.5],
    ['a converter at fewer volts', 4, watts(), 0.75],
    ['a converter below its least, as a resistor', 2, watts(), (2 * 3) / 16],
    ['a stalled servo', 5, servo({ stalled: true }), 5 / 3],
    ['a servo at rest', 5, servo({}), 0.01],
    ['a servo that holds', 5, servo({ holdTorque: 0.5 }), 0.01 + (0.5 * 1.75) / 1],
    ['a capacitor', 5, { kind: 'capacitor', id: 'e', from: 'p', to: 'gnd', farads: 1e-3 }, 0],
  ])('%s', (_, volts, element, amps) => {
    // The supply is stiff, but for the least ohms that a source has.
    expect(Math.abs(ampsAt(volts, element) - amps)).toBeLessThanOrEqual(3e-4 * amps);
  });
});

describe('a drive at rest', () => {
  it('turns so fast that its torque is that of its load', () => {
    const element: Element = {
      kind: 'drive',
      id: 'e',
      from: 'p',
      kv: 620,
      motorOhms: 0.3,
      escOhms: 0.004,
      noLoadAmps: 0.5,
      duty: 1,
      loadConst: 0.01,
      loadLinear: 0,
      loadSquare: 1e-7,
      inertia: 1e-5,
      omegaEps: 1,
      quiescentAmps: 0.05,
    };
    const kt = 60 / (2 * Math.PI * 620);
    const network = networkOf([supply(11.1), element], true);
    const found = operatingPoint(network);
    if (!found.ok) throw new Error(found.problem.at);
    const speed = found.value.x[network.indexOf('e_w')!]!;
    const amps = (11.1 - kt * speed) / 0.304;
    expect(kt * (amps - 0.5)).toBeCloseTo(0.01 + 1e-7 * speed ** 2, 5);
    expect(ampsAt(11.1, element)).toBeCloseTo(amps + 0.05, 3);
    // Backwards is the same but for its sign, and draws the same.
    expect(ampsAt(11.1, { ...element, duty: -1 })).toBeCloseTo(amps + 0.05, 3);
  });
});

describe('a regulator', () => {
  it('that gives freely is guessed to go on so, and one at a limit is left where it is', () => {
    const { regulator, x } = fed('buck', 10, [steady(2)]);
    const output = x.findIndex((volts) => Math.abs(volts - 4.96) < 1e-3);
    const raised = x.slice();
    raised[output]! += 0.5;
    regulator.guess(x, raised);
    expect(regulator.amps(raised)).toBeCloseTo(2, 3);
    // One that gave nothing before may well go on giving nothing.
    const idle = raised.slice();
    idle[output]! += 0.5;
    const start = idle.slice();
    start[output]! += 0.5;
    regulator.guess(idle, start);
    expect(start[output]).toBeCloseTo(idle[output]! + 0.5, 9);
  });

  const bec = (kind: 'buck' | 'linear'): Element => ({
    kind,
    id: 'bec',
    from: 'p',
    to: 'rail',
    setVolts: 5,
    maxAmps: 3,
    efficiency: 0.8,
    dropoutVolts: 1,
    quiescentAmps: 0.01,
    outOhms: 0.02,
  });

  function fed(kind: 'buck' | 'linear', volts: number, loads: Element[]) {
    const network = networkOf([supply(volts), bec(kind), ...loads], true);
    const found = operatingPoint(network);
    if (!found.ok) throw new Error(found.problem.at);
    const { x } = found.value;
    const regulator = network.devices.find((device) => device instanceof Regulator)!;
    return { rail: x[network.indexOf('rail')!]!, regulator, x };
  }
  const steady = (amps: number): Element => ({
    kind: 'currentLoad',
    id: 'load',
    from: 'rail',
    amps,
    kneeVolts: 1,
  });

  it('gives its volts less what its ohms take', () => {
    expect(fed('buck', 11, [steady(2)]).rail).toBeCloseTo(5 - 0.02 * 2, 4);
  });

  it('follows its input down once that comes too near', () => {
    expect(fed('buck', 5, [steady(1)]).rail).toBeCloseTo(4 - 0.02, 4);
  });

  it('takes watts over its efficiency where it switches, and the same amps where it is linear', () => {
    const switching = fed('buck', 10, [steady(2)]);
    expect(switching.regulator.inputAmps(switching.x)).toBeCloseTo(0.01 + (4.96 * 2) / (0.8 * 10), 4);
    const linear = fed('linear', 10, [steady(2)]);
    expect(linear.regulator.inputAmps(linear.x)).toBeCloseTo(2.01, 4);
    expect(linear.regulator.lossWatts(linear.x)).toBeCloseTo((10 - 4.96) * 2 + 10 * 0.01, 3);
  });

  it('gives no more than it can, and lets the rail sink', () => {
    const { rail, regulator, x } = fed('buck', 11, [
      { kind: 'resistor', id: 'short', from: 'rail', to: 'gnd', ohms: 0.5 },
    ]);
    expect(rail).toBeCloseTo(1.5, 4);
    expect(regulator.isLimiting(x)).toBe(true);
  });

  it('gives nothing into a rail that another holds higher', () => {
    const { rail, regulator, x } = fed('linear', 11, [
      { kind: 'source', id: 'other', node: 'rail', volts: 6, ohms: 0.01 },
      steady(1),
    ]);
    expect(rail).toBeCloseTo(5.99, 3);
    expect(regulator.amps(x)).toBe(0);
    expect(regulator.isLimiting(x)).toBe(false);
  });
});

function diode(): Element {
  return { kind: 'diode', id: 'e', from: 'p', to: 'gnd', forwardVolts: 0.4, ohms: 0.05 };
}

function leds(): Element {
  return { kind: 'ledString', id: 'e', from: 'p', ledsPerString: 2, strings: 3, ohms: 68, forwardVolts: 2 };
}

function draw(): Element {
  return { kind: 'currentLoad', id: 'e', from: 'p', amps: 0.4, kneeVolts: 3 };
}

function watts(): Element {
  return { kind: 'powerLoad', id: 'e', from: 'p', watts: 3, minVolts: 4 };
}

function servo(over: { stalled?: boolean; holdTorque?: number }): Element {
  return {
    kind: 'servo',
    id: 'e',
    from: 'p',
    ...servoSheet,
    ...over,
  };
}
