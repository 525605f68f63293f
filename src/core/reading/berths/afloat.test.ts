import { describe, expect, it } from 'vitest';
import { radiansPerDegree } from '../../base/quantity/angle';
import { afloat, draughtAt, type HullForm } from './afloat';

const box: HullForm = {
  waterline: 1,
  beam: 0.3,
  depth: 0.2,
  block: 1,
  waterplane: 1,
  buoyancyX: 0.5,
  ends: [0, 1],
};
/** A prism on its edge: half of length × beam × draught is under water, and all of the waterplane is its own. */
const wedge: HullForm = { ...box, block: 0.5 };
const near = (value: number, wanted: number) => expect(Math.abs(value / wanted - 1)).toBeLessThan(0.01);

describe('how a hull floats', () => {
  it('agrees with a box', () => {
    // 30 kg displace 0.03 m³: T = 0.1, KB = T/2, BM = B²/(12·T), BM_L = L²/(12·T).
    const { draught, gm, gmLong } = afloat(box, 30, { x: 0.5, y: 0, z: 0.08 });
    near(draught, 0.1);
    near(gm, 0.05 + 0.3 ** 2 / 1.2 - 0.08);
    near(gmLong, 0.05 + 1 / 1.2 - 0.08);
  });

  it('agrees with a wedge', () => {
    // KB = 2·T/3, BM = B²/(6·T).
    const { draught, gm } = afloat(wedge, 15, { x: 0.5, y: 0, z: 0.1 });
    near(draught, 0.1);
    near(gm, 0.2 / 3 + 0.3 ** 2 / 0.6 - 0.1);
  });

  it('agrees with two boxes apart, by parallel axes', () => {
    const hull = { ...box, beam: 0.1, apart: 0.4 };
    const { draught, gm } = afloat(hull, 20, { x: 0.5, y: 0, z: 0.08 });
    near(draught, 0.1);
    const area = 0.1;
    near(gm, 0.05 + (2 * (0.1 ** 3 / 12 + area * 0.2 ** 2)) / 0.02 - 0.08);
  });

  it('heels a box as its shifted wedges have it', () => {
    const { gm, heel } = afloat(box, 30, { x: 0.5, y: 0.01, z: 0.1 });
    const tangent = Math.tan(heel! * radiansPerDegree);
    // Moment to one side against that of the wedges, about the centre of mass.
    near(tangent * (gm + (0.5 * 0.3 ** 2 * tangent ** 2) / 1.2), 0.01);
    const other = afloat(box, 30, { x: 0.5, y: -0.01, z: 0.1 });
    expect(other.heel).toBeCloseTo(-heel!, 9);
  });

  it('trims by the moment about the middle, and leaves the low corner so much less freeboard', () => {
    const { trim, gmLong, freeboard, low } = afloat(box, 30, { x: 0.52, y: 0, z: 0.08 });
    near(Math.tan(trim * radiansPerDegree), 0.02 / gmLong);
    expect(low).toBe('bow');
    near(freeboard, 0.2 - 0.1 - (0.5 * 0.02) / gmLong);
    expect(afloat(box, 30, { x: 0.48, y: 0, z: 0.08 }).low).toBe('stern');
  });

  it('tells no heel of what does not stay upright', () => {
    const { gm, heel } = afloat(box, 30, { x: 0.5, y: 0.001, z: 0.2 });
    expect(gm).toBeLessThan(0);
    expect(heel).toBeUndefined();
  });

  it('takes a measured draught for what the hull is, and other masses from it', () => {
    expect(afloat({ ...box, block: 0.6, draught: 0.1 }, 30, { x: 0.5, y: 0, z: 0.08 }).gm).toBeCloseTo(
      afloat(box, 30, { x: 0.5, y: 0, z: 0.08 }).gm,
      9,
    );
    near(draughtAt(box, { kilograms: 30, draught: 0.1 }, 36), 0.12);
    // A wedge twice as deep holds four times as much.
    near(draughtAt(wedge, { kilograms: 15, draught: 0.1 }, 60), 0.2);
  });
});
