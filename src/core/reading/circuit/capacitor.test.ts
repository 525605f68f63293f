import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { networkOf } from '../../physics/network/reference-form';
import { integrate } from '../../physics/transient/integrate';
import { checkBuild } from '../../judgement/check/check-build';
import { starterLocker } from '../../model/starter/starter-locker';
import { runTrial } from '../../desk/trial/run-trial';
import { usualOutings } from '../../desk/trial/outings';
import { usualTask } from '../../desk/trial/trial-task';

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

  // Two amps more than a BEC gives, for 3 ms, take 6 mC: 1.3 V of 4.7 mF.
  it('bridges a dip of milliseconds, by the volts that its charge makes', () => {
    const lowest = (farads: number) => {
      const network = networkOf(
        [
          { kind: 'source', id: 'pack', node: 'p', volts: 8, ohms: 0.05 },
          {
            kind: 'linear',
            id: 'bec',
            from: 'p',
            to: 'rail',
            setVolts: 6,
            maxAmps: 1,
            dropoutVolts: 0.5,
            quiescentAmps: 0,
            outOhms: 0.05,
          },
          { kind: 'capacitor', id: 'cap', from: 'rail', to: 'gnd', farads },
          {
            kind: 'currentLoad',
            id: 'servos',
            from: 'rail',
            amps: 3,
            kneeVolts: 0.5,
            on: [
              [0, 0],
              [0.5, 0],
              [0.50001, 1],
              [0.50301, 1],
              [0.50302, 0],
              [1, 0],
            ],
          },
        ],
        false,
      );
      const rail = network.indexOf('rail')!;
      let least = Infinity;
      const run = integrate(network, {
        seconds: 0.6,
        mostStep: 0.01,
        onStep: (time, x) => {
          if (time > 0.4) least = Math.min(least, x[rail]!);
          return 'go on';
        },
      });
      expect(run.ok).toBe(true);
      return least;
    };
    expect(lowest(10e-6)).toBeLessThan(1);
    expect(lowest(4700e-6)).toBeGreaterThan(6 - 0.05 - 1.4);
    expect(lowest(4700e-6)).toBeLessThan(6 - 1.1);
  });
});
