import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { applyEdits } from '../../model/plan/edits';
import { checkBuild } from '../check/check-build';
import { starterLocker } from '../../model/starter/starter-locker';

describe('a stand-alone BEC where no outlet is free', () => {
  const build = tub({
    extra: [{ id: 'second', name: 'second servo', part: 'servo-standard' }],
    leads: [['second.lead', 'rx.2']],
    parts: { esc: 'controller-brushed-30-linear', rudder: 'servo-standard' },
    policies: { regulatorSizing: 'allStalled' },
  });
  const before = checkBuild(build, starterLocker);
  const short = before.findings.find((finding) =>
    finding.patches.some((patch) => patch.id.startsWith('stand-alone')),
  );

  it('brings a harness along, and dries the finding without a new stop', () => {
    const patch = short?.patches.find((candidate) => candidate.id.startsWith('stand-alone'));
    expect(patch?.edits.map((edit) => edit.type)).toContain('removeLead');
    const after = checkBuild(applyEdits(build, patch!.edits), starterLocker);
    expect(after.findings.map((finding) => finding.id)).not.toContain(short!.id);
    expect(after.findings.filter((finding) => finding.severity === 'stop')).toEqual([]);
    expect(after.context.index.ofKind('cable').some(({ part }) => part.form === 'harness')).toBe(true);
  });

  it('offers none from a locker without a harness', () => {
    const poor = starterLocker.filter((part) => part.kind !== 'cable' || part.form !== 'harness');
    const offers = checkBuild(build, poor).findings.flatMap((finding) => finding.patches);
    expect(offers.filter((patch) => patch.id.startsWith('stand-alone'))).toEqual([]);
  });
});
