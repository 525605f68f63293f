import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { halfKnownBuilds } from '../../../../tests/kit/half-known';
import { isOver } from '../../base/quantity/compare';
import { mostToGive } from '../../judgement/limits/volts';
import type { Build } from '../../model/plan/build';
import { lostLinks } from '../../reading/radio/lost-link';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import { starterLocker } from '../../model/starter/starter-locker';
import { unreachedBy } from '../trial/told-tracks';
import { usualMinutes } from '../trial/run-time';
import { proposeWiring } from './propose-wiring';

const proposed = (build: Build): Reading =>
  readingOf(proposeWiring(build, starterLocker, new Set()).build, starterLocker);

describe('what is proposed for a model of half-known parts', () => {
  it('gives no part more volts than it is known, or sold, to stand', () => {
    fc.assert(
      fc.property(halfKnownBuilds, (build) => {
        const { survey } = proposed(build);
        for (const rail of survey.rails)
          for (const { fitted } of rail.sources) {
            const set = fitted.fitting.regulatorVolts;
            const wasSet = build.fittings.some(
              ({ id, regulatorVolts }) => id === fitted.fitting.id && regulatorVolts,
            );
            if (set === undefined || wasSet) continue;
            for (const supply of rail.supplies)
              expect(
                isOver(set, supply.terminal.maxVolts?.value ?? mostToGive(supply.fitted.part).volts, 'V'),
                `${set} V into the ${supply.fitted.fitting.name}`,
              ).toBe(false);
          }
      }),
      { numRuns: 200, seed: 31 },
    );
  });

  it('plugs no pack into the receiver where a controller waits for one', () => {
    fc.assert(
      fc.property(halfKnownBuilds, (build) => {
        const { survey, index } = proposed(build);
        // One that is a controller as well takes the pack itself.
        const waits = index.ofKind('controller').length > 0;
        if (!waits || index.ofKind('receiver').some(({ part }) => part.integrated)) return;
        for (const rail of survey.rails.filter(({ isRadio }) => isRadio))
          expect(rail.sources.map(({ fitted }) => fitted.kind)).not.toContain('pack');
      }),
      { numRuns: 200, seed: 32 },
    );
  });

  it('leaves nothing running when the link is lost, as far as the transmitter sets it', () => {
    fc.assert(
      fc.property(halfKnownBuilds, (build) => {
        const reading = proposed(build);
        const canSet = reading.index
          .ofKind('transmitter')
          .every(({ part }) => part.settings?.includes('fail-safe') ?? true);
        if (!canSet) return;
        for (const { outcome, device } of lostLinks(reading))
          expect(outcome, device.fitting.name).toBe('stops');
      }),
      { numRuns: 100, seed: 33 },
    );
  });

  it('tells no run time of days for a model that a motor moves', () => {
    fc.assert(
      fc.property(halfKnownBuilds, (build) => {
        const reading = proposed(build);
        const isMoved = reading.survey.movers().size > 0 && unreachedBy(reading).length === 0;
        const minutes = isMoved ? usualMinutes(reading) : undefined;
        if (minutes !== undefined) expect(minutes).toBeLessThan(24 * 60);
      }),
      { numRuns: 25, seed: 34 },
    );
  });
});
