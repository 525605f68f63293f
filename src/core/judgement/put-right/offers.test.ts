import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { checkBuild, previewPatch } from '../check/check-build';
import { stated } from '../../base/validation/figure';
import { starterLocker } from '../../model/starter/starter-locker';
import type { PartSpec } from '../../model/kinds/part-spec';

const check = (build: Build, locker: readonly PartSpec[] = starterLocker) => checkBuild(build, locker);
const planned = demoBuild('harbour-tug-as-planned');

function offer(build: Build, id: RegExp, locker: readonly PartSpec[] = starterLocker) {
  const patches = check(build, locker).findings.flatMap((finding) => finding.patches);
  return patches.find((patch) => id.test(patch.id));
}

describe('the put-rights of the tug as planned', () => {
  const before = check(planned);

  it.each(
    before.findings.flatMap((finding) =>
      finding.patches.map((patch) => [patch.label, finding, patch] as const),
    ),
  )('%s: ends what it is offered for', (_, finding, patch) => {
    const preview = previewPatch(planned, before, patch, starterLocker);
    expect(preview.gone.map((told) => told.id)).toContain(finding.id);
    expect(preview.changes.length).toBeGreaterThan(0);
    // It may bring a weakness that its preview tells, but no new danger.
    expect(preview.come.filter((told) => told.severity === 'stop').map((told) => told.id)).toEqual([]);
  });

  it('are there for every stop', () => {
    const stops = before.findings.filter((finding) => finding.severity === 'stop');
    expect(stops.length).toBeGreaterThan(8);
    expect(stops.filter((finding) => finding.patches.length === 0).map((finding) => finding.id)).toEqual([]);
  });
});

describe('setting regulator volts', () => {
  const fragile = {
    'receiver-8-skerry': (part: PartSpec) => ({ ...part, maxVolts: stated(5.5) }) as never,
  };

  it('goes to the highest choice that all stand', () => {
    const patch = offer(tub({ sheets: fragile }), /^set-volts:esc:5$/);
    expect(patch?.edits).toEqual([{ type: 'setRegulatorVolts', fitting: 'esc', volts: 5 }]);
  });

  it('is not offered where no choice is low enough', () => {
    const lower = {
      'receiver-8-skerry': (part: PartSpec) => ({ ...part, maxVolts: stated(4.5) }) as never,
    };
    expect(offer(tub({ sheets: lower }), /^set-volts/)).toBeUndefined();
  });
});

describe('swapping a pack', () => {
  const weak = tub({ parts: { pack: 'pack-lipo-3s-2200-10c', motor: 'motor-brushed-21t' } });

  it('keeps chemistry, cells and plug, and gives the amps', () => {
    const patch = offer(weak, /^swap:pack:/)!;
    const after = check(applyEdits(weak, patch.edits));
    const [pack] = after.context.index.ofKind('pack');
    expect(pack!.part).toMatchObject({ chemistry: 'LiPo', cells: 3 });
    expect(after.findings.some((finding) => finding.rule === 'pack-amps')).toBe(false);
  });

  it('offers what lies on the shelf first, and nothing from an empty locker', () => {
    const [pack] = starterLocker.filter((part) => part.id === 'pack-lipo-3s-4000-20c');
    const own = { ...pack!, id: 'pack-of-my-own' };
    expect(offer(weak, /^swap:pack:/, [own, pack!])?.id).toBe('swap:pack:pack-of-my-own');
    expect(offer(weak, /^swap:pack:/, [pack!, own])?.id).toBe(`swap:pack:${pack!.id}`);
    expect(offer(weak, /^swap:pack:/, [])).toBeUndefined();
  });
});

describe('moving plugs at the receiver', () => {
  it('changes places with what sits in the other port', () => {
    const crossed = tub({
      without: ['esc.lead', 'rudder.lead'],
      leads: [
        ['esc.lead', 'rx.1'],
        ['rudder.lead', 'rx.3'],
      ],
    });
    const patch = offer(crossed, /^move-plug:rx:/)!;
    const after = applyEdits(crossed, patch.edits);
    const portOf = (id: string) =>
      after.leads.find((lead) => lead.from.fitting === id && lead.to.fitting === 'rx')?.to.port;
    expect([portOf('esc'), portOf('rudder')]).toEqual(['3', '1']);
    expect(check(after).findings.filter((finding) => finding.severity === 'stop')).toEqual([]);
  });
});
