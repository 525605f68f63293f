import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ModelFunction } from '../../model/plan/model-function';
import { channelInputs, channelsOf, toldChannels, usedChannels } from './channel-inputs';
import { clipped, sharedOut, summed } from './mix';
import { displayOf, pulseOf, usualRange } from './pulse';
import { endFor, pulseCurve } from './pulse-curve';
import { shaped } from './stick-shape';

const unit = fc.double({ min: -1, max: 1, noNaN: true });

describe('shaped', () => {
  it('follows x·(1 − k + k·x²) and the rate', () => {
    expect(shaped(0.5, { expo: 40 })).toBeCloseTo(0.5 * (1 - 0.4 + 0.4 * 0.25), 12);
    expect(shaped(-0.5, { expo: 40, rate: 60 })).toBeCloseTo(-0.6 * 0.5 * (0.6 + 0.1), 12);
    expect(shaped(1, { expo: 100 })).toBe(1);
  });

  it('runs through the points of a curve, with straight lines between', () => {
    const curve = [-100, -20, 0, 60, 100];
    expect(shaped(-0.5, { curve })).toBeCloseTo(-0.2, 12);
    expect(shaped(0.25, { curve })).toBeCloseTo(0.3, 12);
    expect(shaped(1, { curve })).toBe(1);
  });

  it('never turns back on itself', () => {
    fc.assert(
      fc.property(unit, unit, fc.integer({ min: -50, max: 100 }), (a, b, expo) => {
        const [low, high] = a < b ? [a, b] : [b, a];
        expect(shaped(low, { expo })).toBeLessThanOrEqual(shaped(high, { expo }) + 1e-12);
      }),
    );
  });
});

describe('pulseOf', () => {
  it.each([
    [0, {}, 1500],
    [1, {}, 2000],
    [-1, { lowEnd: 60 }, 1200],
    [1, { isReversed: true, lowEnd: 60 }, 1200],
    [0.5, { highEnd: 120, subTrim: -20 }, 1780],
    [1, { highEnd: 150, subTrim: 100 }, 2250],
    [3, {}, 2000],
  ])('of %d with %o is %d µs', (told, setting, micros) => {
    expect(pulseOf(told, setting)).toBeCloseTo(micros, 9);
  });

  it('takes what 100 % is from the radio, as its display does', () => {
    const narrow = { ...usualRange, throwMicros: 400 };
    expect(pulseOf(1, {}, narrow)).toBe(1900);
    expect(displayOf(1900, narrow)).toBe(100);
    expect(displayOf(1000)).toBe(-100);
  });
});

describe('mixes', () => {
  it('keep the order of each input, and never leave full travel', () => {
    fc.assert(
      fc.property(unit, unit, unit, fc.integer({ min: 1, max: 150 }), (a, b, other, percent) => {
        const out = (value: number) =>
          clipped(
            summed([
              { value, percent },
              { value: other, percent: -80 },
            ]),
          );
        expect(Math.abs(out(a))).toBeLessThanOrEqual(1);
        if (a < b) expect(out(a)).toBeLessThanOrEqual(out(b));
      }),
    );
  });

  it('share out what goes beyond full in proportion', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 1, maxLength: 4 }),
        (all) => {
          const out = sharedOut(all);
          const most = Math.max(1, ...all.map(Math.abs));
          for (const [n, value] of out.entries()) {
            expect(Math.abs(value)).toBeLessThanOrEqual(1);
            expect(value * most).toBeCloseTo(all[n]!, 9);
          }
        },
      ),
    );
  });
});

const drive: ModelFunction = { id: 'drive', name: 'Drive', role: 'drive', wants: 'centring', devices: [] };
const steer: ModelFunction = { id: 'steer', name: 'Steering', role: 'steer', wants: 'centring', devices: [] };
const both = (sign: number) => [
  { function: 'drive', percent: 100 },
  { function: 'steer', percent: sign * 60 },
];
const tank = {
  functions: [drive, steer],
  channels: [
    { channel: 1, mix: both(1), isShared: true },
    { channel: 2, mix: both(-1), isShared: true },
  ],
};
const told = (radio: Parameters<typeof toldChannels>[0], at: Record<string, number>) =>
  toldChannels(radio, (id) => at[id] ?? 0);

describe('toldChannels', () => {
  it('turns a model with two controllers on one stick, and keeps the turn at full throttle', () => {
    expect(told(tank, { steer: 1 })).toEqual(
      new Map([
        [1, 0.6],
        [2, -0.6],
      ]),
    );
    const full = told(tank, { drive: 1, steer: 0.5 });
    expect(full.get(1)).toBe(1);
    expect(full.get(2)).toBeCloseTo(0.7 / 1.3, 12);
  });

  it('cuts off what goes beyond full where it is not shared out', () => {
    const plain = { ...tank, channels: tank.channels.map(({ isShared: _, ...rest }) => rest) };
    expect(told(plain, { drive: 1, steer: 0.5 })).toEqual(
      new Map([
        [1, 1],
        [2, 0.7],
      ]),
    );
  });

  it('gives a channel all of the function that it belongs to, beside what is mixed in', () => {
    const radio = {
      functions: [
        { ...drive, channel: 3 },
        { ...steer, channel: 1 },
      ],
      channels: [{ channel: 3, mix: [{ function: 'steer', percent: 30 }] }],
    };
    expect(channelInputs(radio, 3).map(({ percent }) => percent)).toEqual([100, 30]);
    expect(channelsOf(radio, radio.functions[1]!)).toEqual([1, 3]);
    expect(usedChannels(radio)).toEqual([1, 3]);
    expect(told(radio, { drive: 0.5, steer: 1 }).get(3)).toBeCloseTo(0.8, 12);
  });
});

describe('pulseCurve', () => {
  it('is what the channel sends while one control moves, and gives back the end point that makes a pulse', () => {
    const functions = [{ ...steer, channel: 1, shape: { expo: 30 } }];
    const setting = { channel: 1, isReversed: true, lowEnd: 80, highEnd: 120, subTrim: 10 };
    const curve = pulseCurve({ functions, channels: [setting] }, 1, 'steer', usualRange);
    expect(curve[0]).toEqual({ stick: -1, micros: 1500 + 600 + 10 });
    expect(curve.at(-1)).toEqual({ stick: 1, micros: 1500 - 400 + 10 });
    expect(curve[20]).toEqual({ stick: 0, micros: 1510 });
    expect(endFor(2110, true, setting, usualRange)).toEqual({ highEnd: 120 });
    expect(endFor(1110, false, setting, usualRange)).toEqual({ lowEnd: 80 });
    expect(endFor(2600, true, setting, usualRange)).toEqual({ highEnd: 150 });
  });
});
