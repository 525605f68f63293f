import { describe, expect, it } from 'vitest';
import { demoBuild, exampleNames } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { starterLocker } from '../../model/starter/starter-locker';
import { wells } from '../findings/wells';
import { modelKinds } from '../../model/plan/build';
import { checkBuild } from './check-build';

describe('sound builds', () => {
  it('are two dozen at least, of every kind of model', () => {
    expect(Object.keys(soundBuilds).length).toBeGreaterThanOrEqual(24);
    expect(new Set(Object.values(soundBuilds).map((build) => build.model))).toEqual(new Set(modelKinds));
  });

  it.each(Object.entries(soundBuilds))('carry no stop and miss no fact: %s', (_, build) => {
    const { findings, unknowns } = checkBuild(build, starterLocker);
    expect(findings.filter((finding) => finding.severity === 'stop').map((finding) => finding.text)).toEqual(
      [],
    );
    expect(unknowns.map((asked) => asked.missing)).toEqual([]);
  });
});

describe('the examples that ship', () => {
  it.each(exampleNames)('%s: every well is dry, nothing is asked, all parts have their places', (name) => {
    const { findings, unknowns, wells: reports, context } = checkBuild(demoBuild(name), starterLocker);
    expect(findings.filter(({ severity }) => severity !== 'note').map(({ text }) => text)).toEqual([]);
    expect(unknowns).toEqual([]);
    expect(wells.map((well) => reports[well].state)).toEqual(wells.map(() => 'dry'));
    expect(context.survey.layout.loose).toEqual([]);
  });
});
