import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { checkBuild } from '../check/check-build';
import { starterLocker } from '../starter/starter-locker';
import { runTrial } from '../trial/run-trial';
import { usualOutings } from '../trial/outings';
import { usualTask } from '../trial/trial-task';

const withCapacitor = tub({
  extra: [{ id: 'cap', name: 'capacitor', part: 'capacitor-4700' }],
  leads: [['cap.lead', 'rx.5']],
});

describe('a capacitor across the rail', () => {
  it('draws nothing at rest, and is asked for no amps', () => {
    const { findings, unknowns, context } = checkBuild(withCapacitor, starterLocker);
    expect(unknowns).toEqual([]);
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(context.circuit.railLoads()[0]?.shares.map(({ fitted }) => fitted.fitting.id)).not.toContain(
      'cap',
    );
  });

  it('fills up behind the BEC on an outing, and moves no sag that lasts longer than its charge', () => {
    const [lowest, lowestWith] = [tub(), withCapacitor].map((build) => {
      const { context } = checkBuild(build, starterLocker);
      const run = runTrial(context, usualTask(usualOutings(build)[0]!));
      return run.ok ? Math.min(...run.value.rails[0]!.values.slice(10)) : NaN;
    });
    expect(lowestWith!).toBeGreaterThan(5);
    expect(Math.abs(lowestWith! - lowest!)).toBeLessThan(2e-3);
  });
});
