import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
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

describe('what is proposed for a model of half-known parts', () => {
  let cases: { build: Build; reading: Reading; unsolved: readonly string[] }[];
  beforeAll(() => {
    cases = fc.sample(halfKnownBuilds, { numRuns: 200, seed: 31 }).map((build) => {
      const { build: wired, unsolved } = proposeWiring(build, starterLocker, new Set());
      return { build, reading: readingOf(wired, starterLocker), unsolved };
    });
  }, 180_000);

  it('gives no part more volts than it is known, or sold, to stand', () => {
    let looked = 0;
    for (const { build, reading } of cases)
      for (const rail of reading.survey.rails)
        for (const { fitted } of rail.sources) {
          const set = fitted.fitting.regulatorVolts;
          const wasSet = build.fittings.some(
            ({ id, regulatorVolts }) => id === fitted.fitting.id && regulatorVolts,
          );
          if (set === undefined || wasSet) continue;
          looked += 1;
          for (const supply of rail.supplies)
            expect(
              isOver(set, supply.terminal.maxVolts?.value ?? mostToGive(supply.fitted.part).volts, 'V'),
              `${set} V into the ${supply.fitted.fitting.name}`,
            ).toBe(false);
        }
    expect(looked).toBeGreaterThan(50);
  });

  it('plugs no pack into the receiver where a controller waits for one', () => {
    let looked = 0;
    for (const { survey, index } of cases.map(({ reading }) => reading)) {
      // One that is a controller as well takes the pack itself.
      const waits = index.ofKind('controller').length > 0;
      if (!waits || index.ofKind('receiver').some(({ part }) => part.integrated)) continue;
      looked += 1;
      for (const rail of survey.rails.filter(({ isRadio }) => isRadio))
        expect(rail.sources.map(({ fitted }) => fitted.kind)).not.toContain('pack');
    }
    expect(looked).toBeGreaterThan(50);
  });

  it('leaves nothing loose without a line', () => {
    let looked = 0;
    for (const { reading, unsolved } of cases)
      for (const { fitting, kind } of reading.index.all()) {
        if (['transmitter', 'cable'].includes(kind) || reading.index.leadsOf(fitting.id).length > 0) continue;
        looked += 1;
        expect(unsolved.join('\n').toLowerCase(), fitting.name).toContain(fitting.name);
      }
    expect(looked).toBeGreaterThan(20);
  });

  it('leaves nothing running when the link is lost, as far as the transmitter sets it', () => {
    let looked = 0;
    for (const { reading } of cases) {
      const canSet = reading.index
        .ofKind('transmitter')
        .every(({ part }) => part.settings?.includes('fail-safe') ?? true);
      if (!canSet) continue;
      for (const { outcome, device } of lostLinks(reading)) {
        looked += 1;
        expect(outcome, device.fitting.name).toBe('stops');
      }
    }
    expect(looked).toBeGreaterThan(50);
  });

  it('tells no run time of days for a model that a motor moves', () => {
    const told = cases.slice(0, 40).flatMap(({ reading }) => {
      const isMoved = reading.survey.movers().size > 0 && unreachedBy(reading).length === 0;
      return (isMoved ? usualMinutes(reading) : undefined) ?? [];
    });
    expect(told.length).toBeGreaterThan(0);
    expect(Math.max(...told)).toBeLessThan(24 * 60);
  });
});
