import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { withFailSafes } from '../../../../tests/kit/fail-safes';
import { tub } from '../../../../tests/kit/tub';
import { lostLinks } from '../../reading/radio/lost-link';
import { readingOf } from '../../reading/build-reading/reading';
import type { ChannelSetting } from '../../model/plan/channel-setting';
import type { Build } from '../../model/plan/build';
import type { PartSpec } from '../../model/kinds/part-spec';
import { applyEdits } from '../../model/plan/edits';
import { checkBuild } from '../check/check-build';

const oneWay = {
  'controller-brushed-30-switching': (part: PartSpec) => ({ ...part, oneWay: true }) as PartSpec,
};
const set = (build: Build, channel: number, change: Partial<ChannelSetting>): Build =>
  applyEdits(build, [{ type: 'setChannel', channel, change }]);
const found = (build: Build) => {
  const { findings, unknowns } = checkBuild(build, []);
  return {
    stops: findings.filter(({ rule }) => rule === 'fail-safe'),
    asked: unknowns.filter(({ rule }) => rule === 'fail-safe').map(({ missing }) => missing),
  };
};

describe('fail-safe', () => {
  it.each([
    ['held', tub(), { failSafe: 'hold' }, 'runs on when'],
    ['told to run', tub(), { failSafe: 'position', failSafePercent: 100 }, 'runs when'],
    ['in the middle of one that turns one way', tub({ sheets: oneWay }), { failSafePercent: 0 }, 'runs when'],
  ] as const)(
    'stops a drive that is %s, and offers the place at which it stands',
    (_, build, change, words) => {
      const [stop, ...more] = found(set(build, 3, change)).stops;
      expect(more).toEqual([]);
      expect(stop!.severity).toBe('stop');
      expect(stop!.text).toContain(words);
      const right = applyEdits(set(build, 3, change), stop!.patches[0]!.edits);
      expect(found(right)).toEqual({ stops: [], asked: [] });
    },
  );

  it('passes a drive at its zero, without pulses, or at the end where it turns one way', () => {
    expect(found(tub())).toEqual({ stops: [], asked: [] });
    expect(found(set(tub(), 3, { failSafe: 'off', failSafePercent: undefined })).stops).toEqual([]);
    const reading = readingOf(tub({ sheets: oneWay }), []);
    expect(lostLinks(reading).map(({ still, outcome }) => [still, outcome])).toEqual([[-100, 'stops']]);
  });

  it('asks where nobody has set anything, and leaves a rudder alone', () => {
    const fresh = { ...tub(), channels: [] };
    expect(found(fresh)).toEqual({ stops: [], asked: ['fail-safe of the controller'] });
    expect(found(set(tub(), 1, { failSafe: 'hold' })).stops).toEqual([]);
  });

  it('looks at each motor and pump of a machine, whatever its function is called', () => {
    const { channels, ...excavator } = demoBuild('quarry-excavator');
    const links = lostLinks(readingOf(excavator, []));
    const motors = excavator.fittings.filter(({ part }) =>
      excavator.parts.some(({ id, kind }) => id === part && kind === 'motor'),
    );
    expect(new Set(links.flatMap(({ runs }) => runs.map(({ fitting }) => fitting.id)))).toEqual(
      new Set(motors.map(({ id }) => id)),
    );
    expect(links.every(({ outcome }) => outcome === undefined)).toBe(true);
    const held = links.map(({ channel }) => set(withFailSafes(excavator), channel, { failSafe: 'hold' }));
    for (const build of held) expect(found(build).stops.length).toBeGreaterThan(0);
  });

  it('wants the throttle servo of an engine at idle or at its brake', () => {
    const buggy = tub({
      functions: { drive: { role: 'throttle', devices: ['throttle'] } },
      extra: [{ id: 'throttle', name: 'throttle servo', part: 'servo-standard' }],
      without: ['esc.lead'],
      leads: [['throttle.lead', 'rx.3']],
    });
    const outcomes = [-60, 0, 40].map((failSafePercent) => {
      const build = set(buggy, 3, { failSafe: 'position', failSafePercent });
      return lostLinks(readingOf(build, []))[0]?.outcome;
    });
    expect(outcomes).toEqual(['stops', 'stops', 'runs']);
    // Without pulses a servo stays where it was.
    expect(lostLinks(readingOf(set(buggy, 3, { failSafe: 'off' }), []))[0]?.outcome).toBe('holds');
  });
});
