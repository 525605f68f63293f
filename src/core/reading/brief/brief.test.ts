import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { applyEdits } from '../../model/plan/edits';
import { emptyBuild } from '../../model/plan/empty-build';
import { defaultPolicies } from '../../model/plan/policies';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../build-reading/reading';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { proposeWiring } from '../../desk/wiring/propose-wiring';
import { fitPart } from './fit-part';
import { freshFunctionId, functionChains } from './function-chain';
import { presetsFor } from './function-presets';
import { schools } from '../../model/plan/schools';

describe('a build from nothing', () => {
  it('starts hatched, as a file that can be read', () => {
    const build = emptyBuild('skiff', 'Skiff', 'boat');
    expect(
      Object.values(checkBuild(build, starterLocker).wells).map((wellReport) => wellReport.state),
    ).toEqual(Array(5).fill('hatched'));
    expect(readBuildFile(writeBuildFile(build))).toEqual({ ok: true, value: build });
  });

  it('is planned with four functions, parts and one proposal, and carries no stop', () => {
    let build = emptyBuild('skiff', 'Skiff', 'boat');
    const parts: Record<string, string> = {
      steering: 'servo-micro-60',
      drive: 'controller-brushed-30-switching',
      lights: 'lamp-board',
      horn: 'horn-board',
    };
    for (const { id, name, role, wants } of presetsFor('boat').filter(
      (functionPreset) => functionPreset.id in parts,
    )) {
      build = applyEdits(build, [{ type: 'addFunction', function: { id, name, role, wants, devices: [] } }]);
      const modelFunction = build.functions.find((candidate) => candidate.id === id)!;
      build = applyEdits(build, fitPart(build, starterPart(parts[id]!), modelFunction));
    }
    for (const id of ['transmitter-10', 'receiver-8-skerry', 'pack-lipo-3s-4000-20c', 'motor-brushed-620'])
      build = applyEdits(build, fitPart(build, starterPart(id)));
    build = proposeWiring(build, starterLocker, new Set()).build;
    const { findings, unknowns } = checkBuild(build, starterLocker);
    expect(findings.filter((finding) => finding.severity === 'stop').map((finding) => finding.text)).toEqual(
      [],
    );
    expect(unknowns.map((asked) => asked.missing)).toEqual([]);
    expect(functionChains(readingOf(build, [])).every((chain) => chain.open === undefined)).toBe(true);
  });
});

describe('functionChains', () => {
  it('says the first thing that is still open', () => {
    const opens = (build: Parameters<typeof readingOf>[0]) =>
      functionChains(readingOf(build, [])).map((chain) => chain.open);
    expect(opens(tub())).toEqual([undefined, undefined]);
    expect(opens(tub({ functions: { steer: { devices: [] }, drive: { control: undefined } } }))).toEqual([
      'no part yet',
      'no control yet',
    ]);
    expect(opens(tub({ without: ['rudder.lead'], functions: { drive: { channel: undefined } } }))).toEqual([
      'not plugged in yet',
      'no channel yet',
    ]);
  });

  it('finds fresh names for a second function and a second part', () => {
    expect(freshFunctionId(tub(), 'steer')).toBe('steer-2');
    expect(freshFunctionId(tub(), 'horn')).toBe('horn');
    const [edit] = fitPart(applyEdits(tub(), fitPart(tub(), starterPart('bec-3a'))), starterPart('bec-3a'));
    expect(edit).toMatchObject({ type: 'addFitting', fitting: { id: 'bec-2', name: 'BEC 2' } });
  });
});

describe('schools', () => {
  it('list the default first, with a reason for every side', () => {
    const policies = defaultPolicies();
    for (const { key, choices } of schools) {
      expect(choices[0]?.value).toBe(policies[key]);
      for (const choice of choices) expect(choice.why.length).toBeGreaterThan(15);
    }
  });
});
