import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { editSequences } from '../../../../tests/kit/edit-sequences';
import { BuildIndex } from '../../model/plan/build-index';
import { applyEdits } from '../../model/plan/edits';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { markdownSheet } from '../../bench/sheet/markdown-sheet';
import { starterLocker } from '../../model/starter/starter-locker';
import { outingsOf } from '../../desk/trial/outings';
import { runTrial } from '../../desk/trial/run-trial';
import { usualTask } from '../../desk/trial/trial-task';
import { proposeWiring } from '../../desk/wiring/propose-wiring';
import { checkBuild } from './check-build';

const locker = starterLocker;

describe('whatever a person does to a build', () => {
  it('it holds together: leads end at ports that are there, functions move parts that are there', () => {
    fc.assert(
      fc.property(runs, (all) => {
        const build = changed(all);
        const index = new BuildIndex(build);
        for (const lead of build.leads)
          for (const end of [lead.from, lead.to]) expect(() => index.port(end)).not.toThrow();
        const fittings = new Set(build.fittings.map((fitting) => fitting.id));
        for (const modelFunction of build.functions)
          for (const device of modelFunction.devices) expect(fittings.has(device)).toBe(true);
        expect(new Set(build.parts.map((part) => part.id))).toEqual(
          new Set(build.fittings.map((fitting) => fitting.part)),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('the check says what it finds in whole sentences with numbers, and never throws', () => {
    fc.assert(
      fc.property(runs, (all) => {
        const { findings, unknowns } = checkBuild(changed(all), locker);
        for (const finding of findings) {
          expect(finding.text).not.toMatch(/\{\{|undefined|NaN/);
          // A figure as the bench writes it, in the well too.
          expect(finding.headline).not.toMatch(/\.\d{4}/);
          expect(Number.isFinite(finding.actual) && Number.isFinite(finding.limit), finding.id).toBe(true);
        }
        expect(new Set(findings.map((finding) => finding.id)).size).toBe(findings.length);
        for (const asked of unknowns) expect(JSON.stringify(asked)).not.toMatch(/undefined|NaN/);
      }),
      // Lamps of a light board that is plugged into the pack: each was told once for each of its contacts.
      {
        numRuns: 60,
        examples: [
          [
            [
              0,
              [
                [0, 755],
                [4, 0],
              ],
            ],
          ],
        ],
      },
    );
  });

  it('each offered put-right can be applied, and what it was offered for is then gone or eased', () => {
    fc.assert(
      fc.property(runs, (all) => {
        const build = changed(all);
        for (const finding of checkBuild(build, locker).findings.slice(0, 5))
          for (const patch of finding.patches) {
            const after = applyEdits(build, patch.edits);
            const still = checkBuild(after, locker).findings.find((candidate) => candidate.id === finding.id);
            expect(readBuildFile(writeBuildFile(after)).ok, patch.id).toBe(true);
            if (still) expect(still.margin, patch.id).toBeGreaterThanOrEqual(finding.margin - 1e-9);
          }
      }),
      { numRuns: 25 },
    );
    // Some builds have put-rights that look for places for half a minute.
  }, 180_000);

  it('is saved and comes back the same', () => {
    expect(editSequences(60, 3)).toEqual({ same: 60 });
  });

  it('the fit-out, the sheet and the proposal come out of it', () => {
    fc.assert(
      fc.property(runs, (all) => {
        const build = changed(all);
        const check = checkBuild(build, locker);
        const procedure = planProcedure(check.context);
        expect(new Set(procedure.map((step) => step.id)).size).toBe(procedure.length);
        expect(markdownSheet(check)).not.toMatch(/undefined|NaN/);
        // Wiring it never makes a plug sit where another sits already.
        const ends = proposeWiring(build, locker, new Set()).build.leads.flatMap((lead) => [
          `${lead.from.fitting}.${lead.from.port}`,
          `${lead.to.fitting}.${lead.to.port}`,
        ]);
        expect(new Set(ends).size).toBe(ends.length);
      }),
      { numRuns: 18 },
    );
  });

  it('can be taken on an outing, or says what would not settle', () => {
    fc.assert(
      fc.property(runs, (all) => {
        const build = changed(all);
        const [usual] = outingsOf(build);
        const task = { ...usualTask({ ...usual!, seconds: 3 }), slices: 20, looseness: 20 };
        const run = runTrial(checkBuild(build, locker).context, task);
        if (!run.ok) {
          // Cells of ohms and the like have no course; who typed them is told where it broke.
          expect(run.problem.reason).toBe('step too small');
          expect(
            build.parts.every((part) => locker.includes(part)),
            JSON.stringify(run.problem),
          ).toBe(false);
          return;
        }
        const { figures, rails } = run.value;
        expect(Number.isFinite(figures.railMinVolts) && Number.isFinite(figures.mostPackAmps)).toBe(true);
        for (const rail of rails) expect(rail.values.every(Number.isFinite)).toBe(true);
      }),
      { numRuns: 30 },
    );
  });
});
