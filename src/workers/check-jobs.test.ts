import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../tests/kit/demo-builds';
import { applyEdits } from '../core/model/plan/edits';
import { starterLocker } from '../core/model/starter/starter-locker';
import { checkBuild } from '../core/judgement/check/check-build';
import { checkJobs, type Asked } from './check-jobs';

const asked = (name: string): Asked => ({
  revision: name,
  build: demoBuild(name),
  shelf: { parts: starterLocker, costs: new Map() },
});

describe('the check worker', () => {
  const planned = asked('harbour-tug-as-planned');

  it('gives put-rights as plain copies, with what each would do', () => {
    const { findings } = checkBuild(planned.build, starterLocker);
    const first = findings[0]!;
    const offers = checkJobs.offers(planned, first.id);
    expect(offers.map((preview) => preview.patch.id)).toEqual(first.patches.map((patch) => patch.id));
    expect(offers.length).toBeGreaterThan(0);
    expect(structuredClone(offers)).toEqual(offers);
    for (const { patch, gone, left, wells } of offers) {
      const after = checkBuild(applyEdits(planned.build, patch.edits), starterLocker);
      expect(gone.map((told) => told.id)).toContain(first.id);
      expect(left).toEqual(after.findings.map((finding) => finding.id));
      expect(wells).toEqual(after.wells);
    }
    expect(checkJobs.offers(planned, 'no such finding')).toEqual([]);
  });

  it('works the same edits out once, and answers under the name that was asked', () => {
    const [patch] = checkJobs.allOffers(planned);
    const named = { ...patch!, label: 'Another name' };
    const [first, second] = checkJobs.previews(planned, [patch!, named]);
    expect(second).toEqual({ ...first, patch: named });
  });

  it('keeps what it knows of one value of a build from being told of another', () => {
    const right = asked('harbour-tug');
    const ids = (other: Asked) => checkJobs.allOffers(other).map((patch) => patch.id);
    const first = ids(planned);
    expect(first.length).toBeGreaterThan(5);
    expect(ids(right)).not.toEqual(first);
    expect(ids(planned)).toEqual(first);
  });

  it('proposes a wiring with the wells it would leave', () => {
    const { build } = planned;
    const bare = { ...planned, revision: 'bare', build: { ...build, leads: [] } };
    const plan = checkJobs.propose(bare, new Set());
    expect(plan.proposals.length).toBeGreaterThan(5);
    expect(structuredClone(plan)).toEqual(plan);
    expect(plan.wells).toEqual(checkBuild(plan.build, starterLocker).wells);
  });
});
