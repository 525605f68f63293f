import { describe, expect, it } from 'vitest';
import { CourseProbe } from './probe-course';

describe('CourseProbe', () => {
  it('measures a straight line from when it counts', () => {
    const probe = new CourseProbe(10, 2, 5);
    probe.add(0, 0);
    probe.add(10, 10);
    const figures = probe.figures();
    expect(figures).toMatchObject({ min: 2, max: 10, after: 2 });
    expect(figures.mean).toBeCloseTo(6, 9);
    expect(figures.end).toBeCloseTo(9.999, 9);
    // Below 5 from 2 s, when it begins to count, to 5 s.
    expect(figures.secondsBelow).toEqual({ volts: 5, seconds: 3 });
  });

  it('times a dip by where the line crosses', () => {
    const probe = new CourseProbe(4, 0, 3);
    for (const [time, value] of [
      [0, 5],
      [1, 5],
      [2, 1],
      [3, 5],
      [4, 5],
    ] as const)
      probe.add(time, value);
    expect(probe.figures().secondsBelow?.seconds).toBeCloseTo(1, 9);
  });

  it('counts a level right at the threshold as not below it', () => {
    const probe = new CourseProbe(1, 0, 3);
    probe.add(0, 3);
    probe.add(1, 3);
    expect(probe.figures().secondsBelow?.seconds).toBe(0);
  });
});
