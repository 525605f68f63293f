import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { layoutOf } from '../../../../tests/kit/berthed';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { checkBuild } from '../../judgement/check/check-build';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { placeEdit } from '../../judgement/put-right/place-part';
import { starterLocker } from '../../model/starter/starter-locker';
import { leastFreeboard } from './afloat';
import { formsFor, usualForm } from './inside-sizes';
import { placeParts } from './place-parts';

/** A build with a usual inside and nothing placed. */
const emptied = (build: Build): Build => ({
  ...build,
  inside: { form: usualForm(build) },
  fittings: build.fittings.map(({ place: _, ...fitting }) => fitting),
});

function placed(build: Build): Build {
  const { placed: found } = placeParts(build, new Set(build.fittings.map(({ id }) => id)));
  return applyEdits(
    build,
    found.map(({ fitting, place }) => placeEdit(fitting, place)),
  );
}

const spaceOf = (build: Build) =>
  checkBuild(build, starterLocker).findings.filter(({ well }) => well === 'space');

describe('place them for me', () => {
  it.each(Object.entries(soundBuilds))('finds a place for every part that nothing stops: %s', (_, build) => {
    const after = placed(emptied(build));
    expect(layoutOf(after).loose.map(({ fitting }) => fitting.name)).toEqual([]);
    const stops = spaceOf(after).filter(({ severity }) => severity === 'stop');
    expect(stops.map(({ text }) => text)).toEqual([]);
  });

  it('puts the tug’s motors to their shafts, its receiver over the water, and levels it with the pack', () => {
    const build = demoBuild('harbour-tug');
    const bare = { ...build, fittings: build.fittings.map(({ place: _, ...fitting }) => fitting) };
    const result = placeParts(bare, new Set(bare.fittings.map(({ id }) => id)));
    expect(result.conflicts).toEqual([]);
    const at = (id: string) => result.placed.find(({ fitting }) => fitting === id)!;
    const { inside, balance } = layoutOf(placed(bare));
    for (const side of ['port', 'starboard']) {
      const shaft = inside!.points.find(({ id }) => id === `${side}-motor`)!;
      expect(
        Math.hypot(at(`${side}-motor`).place.x - shaft.x, at(`${side}-motor`).place.y - shaft.y),
      ).toBeLessThan(0.01);
    }
    expect(at('receiver').place.z).toBeGreaterThan(inside!.wetLine);
    expect(at('port-motor').forcedBy).toContain('point');
    expect(Math.abs(balance!.afloat!.trim)).toBeLessThan(0.5);
  });

  it('leaves what it is not asked to move, and says what has no room', () => {
    const build = demoBuild('harbour-tug');
    const only = placeParts(build, new Set(['receiver']));
    expect(only.placed.map(({ fitting }) => fitting)).toEqual(['receiver']);
    const tiny = {
      ...emptied(build),
      inside: { form: 'open hull', length: 0.12, beam: 0.05, depth: 0.03 } as const,
    };
    const crowded = placeParts(tiny, new Set(tiny.fittings.map(({ id }) => id)));
    expect(crowded.conflicts.length).toBeGreaterThan(0);
    expect(crowded.conflicts.every(({ metres }) => metres > 0)).toBe(true);
  });

  it('tells how far it is', () => {
    const told: number[] = [];
    const build = emptied(demoBuild('salt-flat-yacht'));
    placeParts(build, new Set(build.fittings.map(({ id }) => id)), (share) => told.push(share));
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.at(-1)).toBe(1);
  });

  it('has room in every form of a kind of model for what is sound', () => {
    const build = soundBuilds[Object.keys(soundBuilds)[0]!]!;
    for (const form of formsFor(build)) {
      const { conflicts } = placeParts(
        { ...emptied(build), inside: { form } },
        new Set(build.fittings.map(({ id }) => id)),
      );
      expect(conflicts, form).toEqual([]);
    }
  });
});

describe('a model that nobody measured', () => {
  it.each([2, 3, 8, 30])('floats with a freeboard that is enough, at %f kg', (kilograms) => {
    const build = demoBuild('harbour-tug');
    for (const form of formsFor(build)) {
      const { balance, inside } = layoutOf({
        ...build,
        brief: { ...build.brief, kilograms },
        inside: { form },
        fittings: build.fittings.map(({ place: _, ...fitting }) => fitting),
      });
      expect(balance!.afloat!.freeboard, form).toBeGreaterThan(leastFreeboard(inside!));
      expect(balance!.afloat!.gm, form).toBeGreaterThan(0);
    }
  });
});
