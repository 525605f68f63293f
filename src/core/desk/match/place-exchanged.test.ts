import { describe, expect, it } from 'vitest';
import { berthed } from '../../../../tests/kit/berthed';
import { misfits } from '../../reading/berths/fit';
import { readingOf } from '../../reading/build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { stated } from '../../base/validation/figure';
import { starterPart } from '../../model/starter/starter-locker';
import type { Candidate, Role } from './role';
import { placeExchanged } from './place-exchanged';
import { roomScreens } from './screens/room';

const layoutOf = (build: Build) => readingOf(build, []).survey.layout;
const sized = (part: PartSpec, long: number, wide = long, high = long): PartSpec => ({
  ...part,
  id: `${part.id}-sized`,
  length: stated(long),
  width: stated(wide),
  height: stated(high),
});
const pack = (build: Build): PartSpec => build.parts.find(({ kind }) => kind === 'pack')!;
const exchanged = (build: Build, part: PartSpec): Build =>
  applyEdits(build, [{ type: 'swapPart', fitting: 'pack', part }]);
const servo: Edit = {
  type: 'addFitting',
  fitting: { id: 'second', name: 'second servo', part: 'servo-micro-60' },
  part: starterPart('servo-micro-60'),
};

describe('parts that come in the place of others', () => {
  const before = berthed();

  it('stay where those lay as long as they fit there', () => {
    const same = exchanged(before, sized(pack(before), 0.08, 0.03, 0.02));
    expect(misfits(layoutOf(same)).size).toBe(0);
    expect(placeExchanged(before, same)).toEqual([]);
  });

  it('go elsewhere where they do not, and what comes in finds a place', () => {
    const nook = { turn: 0, pose: 'flat', x: 0.31, y: 0, z: 0 } as const;
    const tight = berthed({ places: { pack: nook } });
    const after = exchanged(tight, sized(pack(tight), 0.2, 0.05, 0.03));
    expect(misfits(layoutOf(after)).has('pack')).toBe(true);
    const moves = placeExchanged(tight, applyEdits(after, [servo]));
    expect(moves.map((edit) => edit.type === 'setFitting' && edit.fitting).sort()).toContain('second');
    const laid = applyEdits(applyEdits(after, [servo]), moves);
    expect(misfits(layoutOf(laid)).has('pack')).toBe(false);
    expect(layoutOf(laid).loose).toEqual([]);
  });

  it('are left to the Berths in a model that is laid out in part, or not at all', () => {
    const half = berthed({ places: { rx: null } });
    expect(placeExchanged(half, applyEdits(half, [servo]))).toEqual([]);
    const { inside: _, ...bare } = before;
    expect(placeExchanged(bare, applyEdits(bare, [servo]))).toEqual([]);
  });
});

describe('the room for a part', () => {
  const build = berthed();
  const role = (change: Partial<Role> = {}): Role => ({
    id: 'pack',
    name: 'pack',
    kind: 'pack',
    fittings: ['pack'],
    candidates: [],
    isOpen: true,
    isNew: false,
    ...change,
  });
  const fits = (part: PartSpec, of: Role = role(), from = build) => {
    const [screen] = roomScreens(readingOf(from, []), [of]);
    const candidate: Candidate = { part, money: 0, isPriced: false, isOwned: false, kilograms: 0.1 };
    return screen?.margin([candidate]);
  };

  it('is told by its sheet’s sizes, whichever way it lies', () => {
    // The fore room: 500 by 200 mm, 150 mm up to the lid.
    expect(fits(sized(pack(build), 0.49, 0.19, 0.14))).toBe(1);
    expect(fits(sized(pack(build), 0.19, 0.14, 0.49))).toBe(1);
    expect(fits(sized(pack(build), 0.51, 0.02, 0.02))).toBe(-1);
    expect(fits(sized(pack(build), 0.16, 0.21, 0.21))).toBe(-1);
  });

  it('is that of the room it lies in; what lies nowhere may go into any', () => {
    // The after room is 300 mm long.
    const long = sized(pack(build), 0.4, 0.05, 0.03);
    expect(fits(long, role({ fittings: ['rudder'] }))).toBe(-1);
    expect(fits(long, role({ fittings: ['nowhere'] }))).toBe(1);
  });

  it('rules nothing out where a sheet is silent, the rooms are not told, or the role is kept', () => {
    const { length: __, ...silent } = sized(pack(build), 3);
    expect(fits(silent as PartSpec)).toBeUndefined();
    const { inside: _, ...bare } = build;
    expect(fits(sized(pack(build), 3), role(), bare)).toBeUndefined();
    expect(fits(sized(pack(build), 3), role({ isOpen: false }))).toBeUndefined();
  });
});
