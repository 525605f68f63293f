import { describe, expect, it } from 'vitest';
import type { Element } from '../network/devices';
import { networkOf } from '../network/reference-form';
import { integrate } from './integrate';

const gravity = 9.81;
const tank = {
  mass: 4,
  crr: 0.15,
  vEps: 0.02,
  cdA: 0,
  grade: 0,
  skid: { mu: 0.7, lengthOverGauge: 1.7 },
};
const wheels = {
  on: 'tank',
  mu: 0.7,
  drivenShare: 0.5,
  tyreRadius: 0.0225,
  gearRatio: 60,
  efficiency: 1,
  slipSpeed: 0.05,
};
const reach = wheels.tyreRadius / wheels.gearRatio;

/** Settled with the two sides at some throttles: speed, speed of a side against the middle, push of each side in N. */
function settled(left: number, right: number, skid = tank.skid) {
  const track = (id: string, duty: number, side: 1 | -1): Element => ({
    kind: 'drive',
    id,
    from: 'p',
    kv: 2280,
    motorOhms: 0.3,
    escOhms: 0.01,
    noLoadAmps: 0,
    duty,
    loadConst: 0,
    loadLinear: 0,
    loadSquare: 0,
    inertia: 1e-6,
    omegaEps: 1,
    quiescentAmps: 0,
    freewheel: true,
    wheels: { ...wheels, side },
  });
  const network = networkOf(
    [
      { kind: 'source', id: 'pack', node: 'p', volts: 7.4, ohms: 0.02 },
      track('left', left, 1),
      track('right', right, -1),
      { kind: 'vehicle', id: 'tank', ...tank, skid },
    ],
    false,
  );
  let end = new Float64Array();
  const run = integrate(network, {
    seconds: 4,
    mostStep: 0.05,
    onStep: (_, x) => {
      end = x.slice();
      return 'go on';
    },
  });
  expect(run.ok).toBe(true);
  const at = (name: string) => end[network.indexOf(name)!]!;
  const [speed, turn] = [at('tank_v'), at('tank_turn')];
  const push = (id: string, side: number) =>
    wheels.mu *
    tank.mass *
    gravity *
    wheels.drivenShare *
    Math.tanh((at(`${id}_w`) * reach - speed - side * turn) / wheels.slipSpeed);
  return { speed, turn, left: push('left', 1), right: push('right', -1) };
}

describe('a model on two tracks', () => {
  it('pushes each side by a quarter of grip, weight and length over gauge, spinning on the spot', () => {
    const { speed, turn, left, right } = settled(0.6, -0.6);
    const scrub = (0.7 * tank.mass * gravity * 1.7) / 4;
    expect(speed).toBeCloseTo(0, 6);
    expect(turn).toBeGreaterThan(0.2);
    expect(left).toBeCloseTo(scrub, 2);
    expect(right).toBeCloseTo(-scrub, 2);
  });

  it('rolls straight with both alike, and the other way round turns the other way', () => {
    const straight = settled(0.6, 0.6);
    expect(straight.turn).toBeCloseTo(0, 9);
    expect(straight.left + straight.right).toBeCloseTo(tank.crr * tank.mass * gravity, 2);
    expect(settled(-0.6, 0.6).turn).toBeCloseTo(-settled(0.6, -0.6).turn, 6);
  });

  it('scrubs less where it is short and wide, in proportion', () => {
    const short = settled(0.6, -0.6, { mu: 0.7, lengthOverGauge: 1 });
    expect(short.left).toBeCloseTo(((0.7 * tank.mass * gravity) / 4) * 1, 2);
    expect(short.turn).toBeGreaterThan(settled(0.6, -0.6).turn);
  });

  it('stays where it is when it is so long that its grip cannot turn it', () => {
    expect(Math.abs(settled(1, -1, { mu: 1.4, lengthOverGauge: 3 }).turn)).toBeLessThan(0.01);
  });
});
