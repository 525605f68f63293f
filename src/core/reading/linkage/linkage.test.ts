import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Linkage } from '../../model/fitting/linkage';
import { linkageAt, rodLength } from './four-bar';
import { bestHornRadius, linkageEnds } from './linkage-travel';

const degrees = (angle: number) => (angle * Math.PI) / 180;
/** Horn and arm alike and side by side: a parallelogram, whose arm does what its horn does. */
const parallel: Linkage = {
  hornRadius: 0.012,
  armRadius: 0.012,
  along: 0.1,
  across: 0,
  hornDegrees: 90,
  armDegrees: 90,
  stopDegrees: 35,
};
const any: fc.Arbitrary<Linkage> = fc.record({
  hornRadius: fc.double({ min: 0.006, max: 0.025, noNaN: true }),
  armRadius: fc.double({ min: 0.008, max: 0.04, noNaN: true }),
  along: fc.double({ min: 0.06, max: 0.4, noNaN: true }),
  across: fc.double({ min: -0.03, max: 0.03, noNaN: true }),
  hornDegrees: fc.double({ min: 60, max: 120, noNaN: true }),
  armDegrees: fc.double({ min: 60, max: 120, noNaN: true }),
  stopDegrees: fc.double({ min: 5, max: 45, noNaN: true }),
});

describe('linkageAt', () => {
  it('of a parallelogram turns the arm as the horn, with the whole lever at the centre', () => {
    expect(rodLength(parallel)).toBeCloseTo(0.1, 9);
    for (const angle of [-40, -10, 0, 25, 50]) {
      const point = linkageAt(parallel, degrees(angle))!;
      expect(point.arm).toBeCloseTo(degrees(angle), 9);
      expect(point.gain).toBeCloseTo(1, 6);
    }
    expect(Math.abs(linkageAt(parallel, 0)!.lever)).toBeCloseTo(0.012, 9);
  });

  it('keeps the rod as long as it is, over ten thousand linkages, and its gain is the slope of its angle', () => {
    fc.assert(
      fc.property(any, fc.double({ min: -0.6, max: 0.6, noNaN: true }), (linkage, horn) => {
        const point = linkageAt(linkage, horn);
        if (!point || point.armSine < 0.3) return;
        const { hornHole, armHole } = point;
        expect(Math.hypot(armHole.x - hornHole.x, armHole.y - hornHole.y)).toBeCloseTo(rodLength(linkage), 9);
        const [before, after] = [linkageAt(linkage, horn - 1e-5), linkageAt(linkage, horn + 1e-5)];
        if (before && after) expect((after.arm - before.arm) / 2e-5).toBeCloseTo(point.gain, 3);
      }),
      { numRuns: 10_000 },
    );
  });

  it('stands at its centre where it was assembled', () => {
    fc.assert(fc.property(any, (linkage) => Math.abs(linkageAt(linkage, 0)!.arm) < 1e-9));
  });

  it('does not reach where the rod is too short', () => {
    const wide = { ...parallel, hornRadius: 0.05, armRadius: 0.008 };
    expect(linkageAt(wide, degrees(60))).toBeUndefined();
  });
});

describe('linkageEnds', () => {
  it('finds the turn at which the arm meets its stop to a hundredth of a degree', () => {
    const { low, high } = linkageEnds(parallel);
    expect(high.stop).toBeCloseTo(degrees(35), 3);
    expect(low.stop).toBeCloseTo(degrees(-35), 3);
    fc.assert(
      fc.property(any, (linkage) => {
        const { stop } = linkageEnds(linkage).high;
        if (stop === undefined) return;
        const off = Math.abs(linkageAt(linkage, stop)!.arm) - degrees(linkage.stopDegrees);
        expect(Math.abs(off)).toBeLessThan(
          degrees(0.01) * Math.max(1, Math.abs(linkageAt(linkage, stop)!.gain)),
        );
      }),
    );
  });

  it('tells of rod and horn in line before the stop is met', () => {
    const short = { ...parallel, hornRadius: 0.004, armRadius: 0.02, stopDegrees: 40 };
    expect(linkageEnds(short).high).toMatchObject({ stop: undefined, toggle: { of: 'horn' } });
  });
});

describe('bestHornRadius', () => {
  it('meets the stop a little before the end of the pulse', () => {
    const radius = bestHornRadius(parallel, degrees(50))!;
    const { low, high } = linkageEnds({ ...parallel, hornRadius: radius });
    expect(Math.max(high.stop!, -low.stop!) / degrees(50)).toBeCloseTo(0.92, 2);
    expect(radius).toBeLessThan(parallel.armRadius);
  });
});
