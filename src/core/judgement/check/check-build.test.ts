import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { readBuildFile } from '../../model/file/read-file';
import { starterLocker } from '../../model/starter/starter-locker';
import { checkBuild, previewPatch } from './check-build';
import { figuresOf } from './figures';
import { exchange } from '../put-right/swap-part';
import { newStops } from './preview';
import { wells } from '../findings/wells';

function demo(name: string): Build {
  const text = readFileSync(`demo/${name}.dryhull.json`, 'utf8');
  const read = readBuildFile(text);
  if (!read.ok) throw new Error(read.problem.why);
  return read.value;
}

const check = (build: Build) => checkBuild(build, starterLocker);
const openStops = (build: Build) =>
  check(build).findings.filter((finding) => finding.severity === 'stop' && !finding.accepted);

describe('the tug as planned', () => {
  const planned = demo('harbour-tug-as-planned');
  const result = check(planned);

  it('floods all five wells', () => {
    expect(wells.map((well) => result.wells[well].state)).toEqual([
      'flooded',
      'flooded',
      'flooded',
      'flooded',
      'flooded',
    ]);
  });

  it('has two different stops in each of the four on wires, and seven minds', () => {
    for (const well of wells.slice(0, 4)) {
      const kinds = result.findings
        .filter((finding) => finding.well === well && finding.severity === 'stop')
        .map((finding) => finding.rule + finding.messageId + finding.id);
      expect(new Set(kinds).size, well).toBeGreaterThanOrEqual(2);
    }
    expect(result.findings.filter((finding) => finding.severity === 'mind')).toHaveLength(7);
  });

  it('can be put right by any of its own offers, whichever is taken first', () => {
    fc.assert(
      fc.property(fc.infiniteStream(fc.nat({ max: 97 })), (choices) => {
        let build = planned;
        for (let round = 0; round < 25 && openStops(build).length > 0; round += 1) {
          const offers = openStops(build).flatMap((finding) =>
            finding.patches.map((patch) => ({ one: finding, patch })),
          );
          const turn = choices.next().value! % offers.length;
          const before = check(build);
          const { patch } = [...offers.slice(turn), ...offers.slice(0, turn)].find((offer) =>
            previewPatch(build, before, offer.patch, starterLocker).gone.some(
              (gone) => gone.id === offer.one.id,
            ),
          )!;
          build = applyEdits(build, patch.edits);
        }
        expect(openStops(build)).toEqual([]);
      }),
      { numRuns: 3, seed: 7 },
    );
  }, 150_000);

  it('names its figures by what they belong to', () => {
    const figures = figuresOf(result.context);
    // Two standard servos stalled or one and the winch, the rest moving: 6.2 A by the sheets, less in its leads.
    expect(figures['rail:receiver.railAmpsTwoWorst']).toBeGreaterThan(5.2);
    expect(figures['rail:receiver.railAmpsTwoWorst']).toBeLessThan(6.21);
    expect(figures).toMatchObject({
      'rail:receiver.railVolts': 6,
      'rail:receiver.railSources': 2,
      'tow-pack.packVoltsFull': 12.6,
      'tow-pack.packAmpsAllowed': 13.2,
    });
  });
});

describe('the tug put right', () => {
  it('has no stop left, and is damp only where that is known', () => {
    const { wells: reports, findings } = check(demo('harbour-tug'));
    expect(
      findings.every(({ accepted, severity }) => severity === 'note' || (accepted && severity === 'mind')),
    ).toBe(true);
    expect(findings.some(({ accepted }) => accepted)).toBe(true);
    expect(wells.map((well) => reports[well].state)).toEqual(['dry', 'damp', 'dry', 'dry', 'dry']);
  });
});

describe('checkBuild', () => {
  it('finds the sound boat dry, with Space not laid out', () => {
    const { wells: reports, findings, unknowns } = check(tub());
    expect(findings.map((finding) => `${finding.severity} ${finding.messageId}`)).toEqual(['note noFuse']);
    expect(unknowns).toEqual([]);
    expect(wells.map((well) => reports[well].state)).toEqual(['dry', 'dry', 'dry', 'dry', 'hatched']);
  });

  it('hatches everything in an empty build', () => {
    const empty = { ...tub(), parts: [], fittings: [], leads: [], functions: [] };
    const { wells: reports } = check(empty);
    expect(wells.map((well) => reports[well].state)).toEqual(Array(5).fill('hatched'));
  });

  it('never throws on a build with leads and parts missing', () => {
    const planned = demo('harbour-tug-as-planned');
    fc.assert(
      fc.property(fc.subarray(planned.leads), fc.subarray(planned.fittings), (leads, fittings) => {
        const kept = new Set(fittings.map((fitting) => fitting.id));
        const build: Build = {
          ...planned,
          fittings,
          leads: leads.filter((lead) => kept.has(lead.from.fitting) && kept.has(lead.to.fitting)),
          functions: planned.functions.map((modelFunction) => ({
            ...modelFunction,
            devices: modelFunction.devices.filter((id) => kept.has(id)),
          })),
        };
        const { findings } = check(build);
        for (const finding of findings) {
          expect(Number.isFinite(finding.actual) && Number.isFinite(finding.limit)).toBe(true);
          for (const patch of finding.patches)
            expect(() => check(applyEdits(build, patch.edits))).not.toThrow();
        }
      }),
      { numRuns: 50, seed: 11 },
    );
  });

  it('keeps an acceptance while things are no worse, and opens it again when they are', () => {
    const overdrawn = tub({ parts: { pack: 'pack-lipo-3s-2200-10c' }, policies: { labelShare: 0.3 } });
    const [finding] = check(overdrawn).findings;
    const acceptance = {
      finding: finding!.id,
      margin: finding!.margin,
      reason: 'short runs',
      on: '2026-01-01T00:00:00.000Z',
    };
    const accepted = applyEdits(overdrawn, [{ type: 'accept', acceptance }]);
    expect(check(accepted).findings[0]).toMatchObject({ accepted: true, reason: 'short runs' });
    expect(check(accepted).wells.current).toMatchObject({ state: 'damp', stop: 0, accepted: 1 });
    const worse = applyEdits(accepted, [{ type: 'setPolicies', change: { labelShare: 0.2 } }]);
    expect(check(worse).wells.current).toMatchObject({ state: 'flooded', stop: 1, accepted: 0 });
  });

  it('tells what a put-right would do before it is taken', () => {
    const build = demo('harbour-tug-as-planned');
    const before = check(build);
    const patch = before.findings
      .flatMap((finding) => finding.patches)
      .find((candidate) => candidate.id.startsWith('stand-alone-bec'))!;
    const preview = previewPatch(build, before, patch, starterLocker);
    expect(preview.gone.map((told) => told.rule)).toEqual([
      'rail-amps',
      'rail-two-sources',
      'rail-volts-low',
      'rail-volts-high',
      'contact-amps',
    ]);
    expect(preview.come.map((told) => told.messageId)).toEqual(['overloadedForSeconds', 'weakSteering']);
    expect(preview.changes).toContain('Add radio BEC: stand-alone BEC, 8 A');
  });

  it('counts as new stops what a change brings, not what stood before of other parts', () => {
    const build = demo('harbour-tug-as-planned');
    const part = starterLocker.find(({ id }) => id === 'servo-micro-52')!;
    const patch = { id: 'try', label: '', edits: exchange(build, ['port-rudder'], part) };
    const preview = previewPatch(build, check(build), patch, starterLocker);
    expect(preview.come.map(({ rule }) => rule)).toContain('rail-amps');
    expect(newStops(preview).map(({ rule }) => rule)).toEqual(['rail-volts-high']);
  });
});
