import { describe, expect, it } from 'vitest';
import { transientCases } from '../../../../tests/kit/cases';
import { solveCourse } from './transient-case';

describe('the course through time', () => {
  it.each(transientCases)('of $name agrees within 1 % of each swing', (other) => {
    const solved = solveCourse(other as Parameters<typeof solveCourse>[0]);
    if (!solved.ok) throw new Error(`${solved.problem.reason} at ${solved.problem.at}`);
    for (const [node, wanted] of Object.entries(other.expect)) {
      const found = solved.value.figures[node]!;
      const allowed = 0.01 * (wanted.max - wanted.min);
      for (const key of ['min', 'max', 'mean', 'end'] as const)
        expect(
          Math.abs(found[key] - wanted[key]),
          `${node} ${key}: ${found[key]}, not ${wanted[key]}`,
        ).toBeLessThan(allowed);
      if (wanted.secondsBelow) {
        const { seconds } = wanted.secondsBelow;
        const off = Math.abs(found.secondsBelow!.seconds - seconds);
        expect(off, `${node}: ${found.secondsBelow!.seconds} s below, not ${seconds}`).toBeLessThan(
          Math.max(0.03 * seconds, 0.001),
        );
      }
    }
  });
});
