import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { checkBuild } from '../check/check-build';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import { withChannels } from '../../model/kinds/receiver/receiver-kind';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { correctSheet, exchange } from './swap-part';

const build = demoBuild('harbour-tug');
const partOf = (id: string) => build.parts.find((part) => part.id === id)!;
const pairs = build.fittings.flatMap(({ id, part }) =>
  starterLocker
    .filter((candidate) => candidate.kind === partOf(part).kind && candidate.id !== part)
    .map((candidate) => ({ id, candidate })),
);

describe('another part in the place of one that is wired', () => {
  it('leaves a build that can be kept and read back, whatever it is exchanged for', () => {
    expect(pairs.length).toBeGreaterThan(200);
    for (const { id, candidate } of pairs) {
      const after = applyEdits(build, exchange(build, [id], candidate));
      expect(readBuildFile(writeBuildFile(after)), `${id} for ${candidate.id}`).toMatchObject({ ok: true });
    }
  });

  it('takes off the leads of ports that are gone, and no others, and the check says what is missing', () => {
    const receiver = build.fittings.find(({ part }) => partOf(part).kind === 'receiver')!;
    const small = starterPart('receiver-4-skerry');
    const after = applyEdits(build, exchange(build, [receiver.id], small));
    const gone = build.leads.filter(({ id }) => after.leads.every((lead) => lead.id !== id));
    expect(gone.length).toBeGreaterThan(0);
    for (const { from, to } of gone) {
      const end = from.fitting === receiver.id ? from : to;
      expect(small.ports.some(({ id }) => id === end.port)).toBe(false);
    }
    expect(checkBuild(after, starterLocker).findings.some(({ severity }) => severity === 'stop')).toBe(true);
  });

  it('does the same for a corrected sheet with fewer ports', () => {
    const part = build.parts.find(({ kind }) => kind === 'receiver')!;
    if (part.kind !== 'receiver') throw new Error('no receiver');
    const after = applyEdits(build, correctSheet(build, withChannels(part, 3)));
    expect(after.leads.length).toBeLessThan(build.leads.length);
    expect(readBuildFile(writeBuildFile(after))).toMatchObject({ ok: true });
    expect(() => checkBuild(after, starterLocker)).not.toThrow();
  });
});
