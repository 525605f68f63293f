import { describe, expect, it } from 'vitest';
import { filming, pan } from '../../../../tests/kit/filming';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { LiveBench } from '../../bench/rehearsal/live-bench';
import { starterLocker } from '../../model/starter/starter-locker';
import { BuildIndex } from '../../model/plan/build-index';
import { proposeWiring } from './propose-wiring';

const wired = (build: Build) => proposeWiring(build, starterLocker, new Set());
const heardBy = (build: Build, device: string) => {
  const path = readingOf(build, []).survey.signalOf(device);
  return path && [path.receiver.fitting.id, path.port.channel];
};
const unplugged = (build: Build, fitting: string): Build =>
  applyEdits(
    build,
    new BuildIndex(build).leadsOf(fitting).map(({ id }): Edit => ({ type: 'removeLead', lead: id })),
  );
const owned = { ...pan, transmitter: 'camera-tx' };

describe('the proposed wiring of a build with two radios', () => {
  it('plugs each part into the receiver that hears its own transmitter', () => {
    const bare = unplugged(filming({ protocol: 'ness link' }, [owned]), 'pan-servo');
    const plan = wired(bare);
    expect(plan.unsolved).toEqual([]);
    expect(heardBy(plan.build, 'pan-servo')).toEqual(['camera-rx', 1]);
    expect(heardBy(plan.build, 'rudder')).toEqual(['rx', 1]);
  });

  it('says so where no receiver hears the one that a function is on', () => {
    const bare = unplugged(filming({ protocol: 'ness link' }, [owned]), 'pan-servo');
    const deaf = applyEdits(bare, [
      { type: 'setFitting', fitting: 'camera-rx', change: { boundTo: 'tx' } },
      { type: 'setFitting', fitting: 'rx', change: { boundTo: 'tx' } },
    ]);
    const { unsolved, build } = wired(deaf);
    expect(unsolved.join()).toContain('Camera pan: no receiver hears the camera transmitter');
    expect(heardBy(build, 'pan-servo')).toBeUndefined();
  });
});

describe('the steps and the rehearsal of a build with two radios', () => {
  const build = filming({ protocol: 'ness link' }, [owned]);

  it('names both transmitters before any pack goes in, and each link that has to be chosen', () => {
    const steps = planProcedure(readingOf(build, []));
    const on = steps.find(({ id }) => id === 'transmitter-on')!;
    expect(on.touches).toEqual(['tx', 'camera-tx']);
    for (const { fitting, part } of new BuildIndex(build).ofKind('transmitter'))
      expect(steps.some(({ id }) => id === `link:${fitting.id}`)).toBe(part.protocols.length > 1);
  });

  it('lets each lost channel go where its own radio says', () => {
    const safe = applyEdits(build, [
      { type: 'setChannel', channel: 1, change: { failSafe: 'position', failSafePercent: -50 } },
      {
        type: 'setChannel',
        channel: 1,
        transmitter: 'camera-tx',
        change: { failSafe: 'position', failSafePercent: 80 },
      },
    ]);
    const bench = new LiveBench(safe);
    const hands = (isTransmitterOn: boolean) => ({
      isTransmitterOn,
      isPackIn: true,
      sticks: new Map<string, number>(),
      held: undefined,
    });
    for (let n = 0; n < 30; n += 1) bench.step(0.1, hands(true));
    const { parts } = bench.step(0.1, hands(false));
    const pulse = (id: string) => parts.find((part) => part.id === id)?.pulse;
    expect(pulse('rudder')).toBe(1250);
    expect(pulse('pan-servo')).toBe(1900);
  });
});
