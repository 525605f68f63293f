import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { checkBuild } from '../check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import { misfits } from '../../reading/berths/fit';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';

const planned = demoBuild('harbour-tug-as-planned');
const bringing = (build: Build) =>
  checkBuild(build, starterLocker)
    .findings.flatMap(({ patches }) => patches)
    .find(({ id }) => id.startsWith('stand-alone-bec'))!;
const layoutOf = (build: Build) => readingOf(build, []).survey.layout;

describe('a put-right that brings a part in', () => {
  it('lays it out where all others lie, and it fits there', () => {
    expect(layoutOf(planned).loose).toEqual([]);
    const patch = bringing(planned);
    const after = applyEdits(planned, patch.edits);
    const added = after.fittings.filter(({ id }) => !planned.fittings.some((each) => each.id === id));
    expect(added.length).toBeGreaterThan(0);
    expect(layoutOf(after).loose).toEqual([]);
    for (const { id } of added) expect(misfits(layoutOf(after)).has(id)).toBe(false);
  });

  it('lays nothing out in a model that is not, or only half', () => {
    const { inside: _, ...bare } = planned;
    expect(bringing(bare).edits.some(({ type }) => type === 'setFitting')).toBe(false);
    const [first, ...others] = planned.fittings;
    const { place: __, ...loose } = first!;
    const half = { ...planned, fittings: [loose, ...others] };
    const patch = bringing(half);
    expect(patch.edits.some((edit) => edit.type === 'setFitting' && 'place' in edit.change)).toBe(false);
  });
});
