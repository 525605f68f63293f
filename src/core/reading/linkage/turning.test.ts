import { describe, expect, it } from 'vitest';
import { berthed } from '../../../../tests/kit/berthed';
import { readingOf } from '../build-reading/reading';
import { radiansPerDegree } from '../../base/quantity/angle';
import { starterLocker } from '../../model/starter/starter-locker';
import { linkageReading } from './linkage-reading';
import { linkagePresets } from './presets';
import { locksOf, turnAt } from './turning';

describe('full lock', () => {
  it('turns all wheels about one point', () => {
    // 0.26 m and 0.18 m at 25°: the point lies 0.5576 m from the middle of the rear axle.
    const turn = turnAt(25 * radiansPerDegree, 0.26, 0.18)!;
    expect(turn.inner).toBeCloseTo(29.08, 1);
    expect(turn.outer).toBeCloseTo(21.87, 1);
    expect(turn.circle).toBeCloseTo(2 * Math.hypot(0.6476, 0.26), 3);
    // Both wheels point square to the way to that point.
    const cot = (degrees: number) => 1 / Math.tan(degrees * radiansPerDegree);
    expect(cot(turn.outer) - cot(turn.inner)).toBeCloseTo(0.18 / 0.26, 9);
  });

  it('is none straight on, or about a point under the model', () => {
    expect(turnAt(0, 0.26, 0.18)).toBeUndefined();
    expect(turnAt(80 * radiansPerDegree, 0.26, 0.18)).toBeUndefined();
  });

  it('is read from the linkage of a steering servo on wheels, and from no other', () => {
    const { linkage } = linkagePresets[0]!;
    const steered = (form: 'car chassis' | 'open hull') => {
      const build = berthed({
        inside: { form, wheelbase: 0.26, track: 0.18 },
        tub: { settings: { rudder: { linkage } } },
      });
      const context = readingOf(build, starterLocker);
      const [servo] = context.index.ofKind('servo');
      return locksOf(context, servo!, linkageReading(context, servo!)!);
    };
    const locks = steered('car chassis')!;
    expect(locks.isMeasured).toBe(true);
    expect(locks.low!.inner).toBeGreaterThan(locks.low!.outer);
    expect(steered('open hull')).toBeUndefined();
  });
});
