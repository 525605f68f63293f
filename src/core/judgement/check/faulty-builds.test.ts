import { describe, expect, it } from 'vitest';
import { faultyBuilds } from '../../../../tests/kit/faulty-builds';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { checkBuild } from './check-build';

const findingsOf = (build: Build) => checkBuild(build, starterLocker).findings;
const stopsIn = (build: Build) =>
  findingsOf(build).flatMap((finding) => (finding.severity === 'stop' ? [finding.id] : []));

describe('faulty builds', () => {
  it('are two score at least, each of a fault of its own', () => {
    expect(faultyBuilds.length).toBeGreaterThanOrEqual(40);
    expect(new Set(faultyBuilds.map((build) => build.fault)).size).toBe(faultyBuilds.length);
  });

  it.each(faultyBuilds)('are told, with cures that cure: $fault', ({ build, finding: wanted }) => {
    const findings = findingsOf(build);
    const found = findings.find((finding) => `${finding.rule}/${finding.messageId}` === wanted);
    expect(found, findings.map((finding) => `${finding.rule}/${finding.messageId}`).join(', ')).toBeDefined();
    const before = stopsIn(build);
    expect(found!.patches.length, 'offers').toBeGreaterThan(0);
    for (const { id, edits } of found!.patches) {
      const after = applyEdits(build, edits);
      expect(
        findingsOf(after).map((finding) => finding.id),
        id,
      ).not.toContain(found!.id);
      expect(
        stopsIn(after).filter((text) => !before.includes(text)),
        id,
      ).toEqual([]);
    }
  });

  it('offer what costs least first, and what lies on the shelf before all', () => {
    const { build } = faultyBuilds.find(
      (candidate) => candidate.fault === 'a servo for 5.2 V on a rail of 6 V',
    )!;
    const swapsUnder = (costOf: (id: string) => number | undefined) =>
      checkBuild(build, starterLocker, costOf)
        .findings.find((finding) => finding.rule === 'rail-volts-high')!
        .patches.flatMap((patch) => (patch.id.startsWith('swap:') ? [patch.id.split(':')[2]!] : []));
    const [first] = swapsUnder(() => undefined);
    const [second] = swapsUnder((id) => (id === first ? 50 : 10));
    expect(second).toBeDefined();
    expect(second).not.toBe(first);
    expect(swapsUnder((id) => (id === second ? 9.5 : 20))[0]).toBe(second);
    expect(swapsUnder((id) => (id === first ? 9.5 : 20))[0]).toBe(first);
    expect(swapsUnder((id) => (id === second ? 0 : undefined))[0]).toBe(second);
  });
});
