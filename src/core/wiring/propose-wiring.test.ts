import { describe, expect, it } from 'vitest';
import { soundBuilds } from '../../../tests/kit/sound-builds';
import { tub } from '../../../tests/kit/tub';
import type { Build } from '../build/build';
import { checkBuild } from '../check/check-build';
import { starterLocker, starterPart } from '../starter/starter-locker';
import { proposeWiring } from './propose-wiring';

/** A build with its parts but no lead, no cable, no channel and no control. */
function unwired(build: Build): Build {
  const cables = new Set(build.parts.filter((one) => one.kind === 'cable').map((one) => one.id));
  return {
    ...build,
    leads: [],
    fittings: build.fittings.filter((one) => !cables.has(one.part)),
    functions: build.functions.map(({ channel, control, ...rest }) => rest),
  };
}

const propose = (build: Build, refused: string[] = []) =>
  proposeWiring(build, starterLocker, new Set(refused));
const stops = (build: Build) =>
  checkBuild(build, starterLocker)
    .findings.filter((one) => one.severity === 'stop')
    .map((one) => one.text);

describe('proposeWiring', () => {
  it.each(Object.entries(soundBuilds))('wires from nothing without a stop: %s', (_, build) => {
    const { build: wired, unsolved } = propose(unwired(build));
    expect(unsolved).toEqual([]);
    expect(stops(wired)).toEqual([]);
    expect(checkBuild(wired, starterLocker).unknowns.map((one) => one.missing)).toEqual([]);
  });

  it('leaves alone what is wired already', () => {
    const { proposals, build } = propose(tub());
    expect(proposals).toEqual([]);
    expect(build).toEqual(tub());
  });

  it('keeps the throttle where the receiver’s map keeps it', () => {
    const { build } = propose(unwired(tub()));
    expect(build.functions.find((one) => one.id === 'drive')).toMatchObject({ channel: 3 });
    expect(build.functions.find((one) => one.id === 'steer')).toMatchObject({ channel: 1 });
  });

  it('lists each step, and leaves out what is refused and what rests on it', () => {
    const all = propose(unwired(tub()));
    expect(all.proposals.map((one) => one.id)).toEqual([
      'plan:drive',
      'plan:steer',
      'feed:pack',
      'motor:motor',
      'signal:rudder',
      'signal:esc',
    ]);
    expect(all.proposals.find((one) => one.id === 'feed:pack')?.label).toBe(
      'Pack to the controller, with an adapter',
    );
    const some = propose(unwired(tub()), ['plan:steer', 'motor:motor']);
    expect(some.proposals.filter((one) => one.isRefused).map((one) => one.id)).toEqual([
      'plan:steer',
      'motor:motor',
    ]);
    expect(some.proposals.map((one) => one.id)).not.toContain('signal:rudder');
    expect(some.build.leads.some((one) => one.to.fitting === 'motor')).toBe(false);
  });

  it('follows the school of red wires', () => {
    const twin = unwired(soundBuilds['tracked machine, two controllers, one red wire in']!);
    const sourcesOf = (build: Build) => checkBuild(build, starterLocker).figures['rail:rx.railSources'];
    expect(sourcesOf(propose(twin).build)).toBe(1);
    const own = propose({ ...twin, policies: { ...twin.policies, redWires: 'standAlone' } });
    expect(own.build.fittings.some((one) => one.id === 'radio-bec')).toBe(true);
    expect(sourcesOf(own.build)).toBe(1);
    expect(sourcesOf(propose({ ...twin, policies: { ...twin.policies, redWires: 'parallel' } }).build)).toBe(
      2,
    );
  });

  it('feeds a high-voltage servo raw where that is the school and it stands the pack', () => {
    const boat = unwired(tub({ parts: { rudder: 'servo-high-volt', pack: 'pack-lipo-2s-5000-20c' } }));
    const withPump: Build = {
      ...boat,
      parts: [...boat.parts, starterPart('bec-8a')],
      fittings: [...boat.fittings, { id: 'bec', name: 'BEC', part: 'bec-8a', regulatorVolts: 5 }],
      policies: { ...boat.policies, servoFeed: 'raw' },
    };
    const { build } = propose(withPump);
    const { context } = checkBuild(build, starterLocker);
    const rudder = context.picture.supplies.find((one) => one.fitted.fitting.id === 'rudder');
    expect(rudder).toMatchObject({ status: 'fed', volts: { full: 8.4 } });
    expect(context.paths.find((one) => one.device.fitting.id === 'rudder')?.port.id).toBe('1');
    expect(stops(build)).toEqual([]);
    const tooMany = propose({
      ...withPump,
      parts: withPump.parts.map((one) => (one.kind === 'pack' ? { ...one, cells: 3 } : one)),
    });
    expect(tooMany.proposals.some((one) => one.id === 'raw:rudder')).toBe(false);
  });

  it('feeds a video sender by its school, and never through an electronic switch', () => {
    const bare = unwired(tub());
    const withVideo = (videoFeed: 'pack' | 'rail', part: string): Build => ({
      ...bare,
      parts: [...bare.parts, starterPart(part), starterPart('switch-electronic-5a')],
      fittings: [
        ...bare.fittings,
        { id: 'video', name: 'video sender', part },
        { id: 'switch', name: 'pump switch', part: 'switch-electronic-5a' },
      ],
      policies: { ...bare.policies, videoFeed },
    });
    const feedOf = (build: Build) =>
      checkBuild(build, starterLocker).context.picture.supplies.find(
        (one) => one.fitted.fitting.id === 'video',
      );
    expect(feedOf(propose(withVideo('pack', 'video-sender')).build)).toMatchObject({
      status: 'fed',
      volts: { full: 12.6 },
    });
    expect(feedOf(propose(withVideo('rail', 'video-sender-5')).build)).toMatchObject({
      status: 'fed',
      volts: { full: 6 },
    });
  });

  it('says what it cannot solve', () => {
    const noAdapters = starterLocker.filter((one) => one.kind !== 'cable' || one.form !== 'adapter');
    const { unsolved } = proposeWiring(unwired(tub()), noAdapters, new Set());
    expect(unsolved).toEqual(['Pack to the controller: no adapter in the locker fits both plugs']);
    const brushless = unwired(tub({ parts: { motor: 'motor-brushless-900' } }));
    expect(propose(brushless).unsolved).toEqual(['Motor: no free controller for a brushless motor']);
  });
});
