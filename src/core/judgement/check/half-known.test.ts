import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { demoBuild, demoNames, exampleNames } from '../../../../tests/kit/demo-builds';
import { faultyBuilds } from '../../../../tests/kit/faulty-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import type { PartSpec } from '../../model/kinds/part-spec';
import { stated } from '../../base/validation/figure';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { openFigures, presumedBuild } from '../../model/plan/presumed-build';
import { starterLocker } from '../../model/starter/starter-locker';
import { checkBuild, previewPatch } from './check-build';

/** Figures that people do not know of their parts; the volts of packs and BECs stand on every label. */
const mayBeUnknown = [
  'kv',
  'fullLoadAmps',
  'stallAmps',
  'windingOhms',
  'noLoadAmps',
  'stallNewtonMetres',
  'sixtyDegreeSeconds',
  'minVolts',
  'maxVolts',
  'dischargeRate',
  'amps',
];

/** A copy of a build of whose sheets some figures are not known, by a row of coins. */
function cutDown(build: Build, coins: readonly boolean[]): Build {
  let n = 0;
  const isCut = (key: string) => mayBeUnknown.includes(key) && coins[(n += 1) % coins.length];
  const cut = <T extends object>(sheet: T): T =>
    Object.fromEntries(Object.entries(sheet).filter(([key]) => !isCut(key))) as T;
  return {
    ...build,
    parts: build.parts.map((part): PartSpec => {
      if (part.kind === 'board' || part.kind === 'cable') return part;
      const half = cut(part);
      return half.kind === 'servo' ? { ...half, sheet: half.sheet.map(cut) } : half;
    }),
  };
}

const whole = [
  ...[...demoNames, ...exampleNames].map(demoBuild),
  ...Object.values(soundBuilds),
  ...faultyBuilds.map(({ build }) => build),
];
const bases = fc.oneof(fc.constantFrom(...whole), runs.map(changed));
const coins = fc.array(fc.boolean(), { minLength: 40, maxLength: 40 });

const place = ({ rule, subjects }: { rule: string; subjects: { id: string }[] }) =>
  `${rule}/${subjects[0]?.id}`;

/** A servo of which only its name says something. */
const unprinted = { name: '12kg servo', sheet: [], minVolts: stated(4.8), maxVolts: stated(7.4) };

describe('a build of half-known parts', () => {
  it('allows for what is true in 300 random cut-downs: hardly a stop is taken for dry, and hardly the other way', () => {
    let [takenForDry, takenForStop, others] = [0, 0, 0];
    let stops = 0;
    const cases = 300;
    for (const [build, row] of fc.sample(fc.tuple(bases, coins), { numRuns: cases, seed: 32 })) {
      const truth = checkBuild(build, starterLocker);
      const half = checkBuild(cutDown(build, row), starterLocker);
      const toldOf = new Set([...half.findings, ...half.unknowns].map(place));
      const trueOf = new Set(truth.findings.map(place));
      const isAllowed = (severity: string) =>
        truth.findings.filter((each) => each.severity === severity).every((each) => toldOf.has(place(each)));
      const isTrue = (severity: string) =>
        half.findings.filter((each) => each.severity === severity).every((each) => trueOf.has(place(each)));
      stops += Number(truth.findings.some(({ severity }) => severity === 'stop'));
      takenForDry += Number(!isAllowed('stop'));
      takenForStop += Number(!isTrue('stop'));
      others += Number(!isAllowed('mind') || !isTrue('mind'));
    }
    expect(stops).toBeGreaterThan(cases / 5);
    expect(takenForDry / cases).toBeLessThanOrEqual(0.02);
    expect(takenForStop / cases).toBeLessThanOrEqual(0.02);
    expect(others / cases).toBeLessThanOrEqual(0.05);
  });

  it('names the one figure that settles an open verdict, and where it tips', () => {
    let settled = 0;
    fc.assert(
      fc.property(bases, coins, (build, row) => {
        const half = cutDown(build, row);
        for (const { rule, subjects, open } of checkBuild(half, starterLocker).findings) {
          if (!open?.settles) continue;
          settled += 1;
          const { key, tips, likely, low, high, worse } = open.settles;
          const worstAt = (told: number) => {
            const filled = presumedBuild(half, (each, { value }) => (each === key ? told : value));
            const here = checkBuild(filled, starterLocker).findings.filter(
              (each) => place(each) === place({ rule, subjects }),
            );
            return Math.min(
              2,
              ...here.map(({ severity }) => ['stop', 'mind'].indexOf(severity)).filter((n) => n >= 0),
            );
          };
          const [good, bad] = worse === 'high' ? [low, high] : [high, low];
          expect(Math.min(low, high)).toBeLessThanOrEqual(likely);
          const beyond = tips + 0.9 * ((open.isLikely ? likely : bad) - tips);
          const within = tips + 0.9 * ((open.isLikely ? good : likely) - tips);
          expect(worstAt(beyond)).toBeLessThan(worstAt(within));
        }
      }),
      { numRuns: 40, seed: 34 },
    );
    expect(settled).toBeGreaterThan(0);
  });

  it('writes no guess on a sheet, whatever is answered or put right', () => {
    let taken = 0;
    for (const [build, row] of fc.sample(fc.tuple(bases, coins), { numRuns: 40, seed: 33 })) {
      const half = cutDown(build, row);
      const guessedOf = (each: Build) => openFigures(each).map(({ key }) => key);
      const { findings, unknowns } = checkBuild(half, starterLocker);
      const patches = [
        ...findings.filter(({ severity }) => severity === 'open').flatMap((each) => each.patches),
        ...unknowns.flatMap(({ answers }) => answers ?? []),
      ];
      for (const { label, edits } of patches) {
        const after = applyEdits(half, edits);
        const stays = new Set(after.parts.map(({ id }) => id));
        taken += 1;
        for (const key of guessedOf(half).filter((each) => stays.has(each.slice(0, each.lastIndexOf('.')))))
          expect(guessedOf(after), label).toContain(key);
      }
    }
    expect(taken).toBeGreaterThan(10);
  });

  it('is dry where nothing that is not printed could make it leak, and says what is left of the cautious end', () => {
    const all = checkBuild(tub(), starterLocker);
    const half = checkBuild(tub({ sheets: { 'receiver-8-skerry': withoutFigure('amps') } }), starterLocker);
    expect(half.wells.current.state).toBe('dry');
    expect(half.unknowns).toEqual(all.unknowns);
    const left = ({ headline }: { headline: string | undefined }) => parseFloat(headline ?? '');
    expect(left(half.wells.current)).toBeLessThanOrEqual(left(all.wells.current));
  });

  it('puts an open verdict right by playing safe, and can be lived with', () => {
    const build = tub({
      sheets: { 'servo-micro-60': (part) => ({ ...part, ...unprinted }) },
    });
    const check = checkBuild(build, starterLocker);
    const open = check.findings.find(({ severity }) => severity === 'open')!;
    expect(check.wells[open.well].state).toBe('open');
    expect(open.text).toMatch(
      /^Dry unless the stall current of the rudder is above .* A \(usually .*, may be .*\)$/,
    );
    const [safe] = open.patches;
    const after = previewPatch(build, check, safe!, starterLocker);
    expect(after.gone.map(({ id }) => id)).toContain(open.id);
    const accepted = checkBuild(
      { ...build, acceptances: [{ finding: open.id, margin: open.margin, reason: '', on: '2026-12-02' }] },
      starterLocker,
    );
    expect(accepted.findings.find(({ id }) => id === open.id)).toMatchObject({ accepted: true });
  });
});
