import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { demoBuild, demoNames } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { readingOf } from '../../reading/build-reading/reading';
import { changeBuild } from '../../model/file/change-build';
import type { Build } from '../../model/plan/build';
import type { PortRef } from '../../model/plan/lead';
import { starterLocker } from '../../model/starter/starter-locker';
import { BuildIndex, portKey } from '../../model/plan/build-index';
import { portJoins } from './port-joins';

const started: readonly Build[] = [...demoNames.map(demoBuild), ...Object.values(soundBuilds)];

const portsOf = (build: Build): PortRef[] =>
  new BuildIndex(build)
    .pieces()
    .flatMap(({ fitting, part }) => part.ports.map(({ id }) => ({ fitting: fitting.id, port: id })));

/** What must hold of any two ports, whoever puts them together. */
function isSound(build: Build, from: PortRef, to: PortRef): void {
  const { ways, why } = portJoins(readingOf(build, []), from, to, starterLocker);
  const said = `${portKey(from)} to ${portKey(to)} of ${build.name}`;
  // Nothing fails in silence: what goes by no way, or by no plain one, is given a reason.
  if (ways.length !== 1) expect(why, said).toBeTruthy();
  expect(new Set(ways.map(({ id }) => id)).size, said).toBe(ways.length);
  expect([why, ...ways.map(({ label }) => label)].join(), said).not.toMatch(/undefined|NaN|\[object/);
  for (const { label, edits } of ways) {
    const after = changeBuild(build, edits);
    if (!after.ok) throw new Error(`${said}: ${label}: ${JSON.stringify(after.problem)}`);
    // The plug that was put somewhere is there, and none was left in two places.
    const index = new BuildIndex(after.value);
    expect(index.leadAt(to) ?? index.leadAt(from), `${said}: ${label}`).toBeDefined();
    const ends = after.value.leads.flatMap((lead) => [portKey(lead.from), portKey(lead.to)]);
    expect(new Set(ends).size, `${said}: ${label}`).toBe(ends.length);
  }
}

describe('any two ports', () => {
  it('of the demos and of sound builds are joined by ways that hold, or told why not', () => {
    fc.assert(
      fc.property(fc.nat(), fc.nat(), fc.nat(), (b, f, t) => {
        const build = started[b % started.length]!;
        const ports = portsOf(build);
        isSound(build, ports[f % ports.length]!, ports[t % ports.length]!);
      }),
      { numRuns: 150 },
    );
  });

  it('of a build that a person has changed in any way, too', () => {
    fc.assert(
      fc.property(runs, fc.nat(), fc.nat(), (all, f, t) => {
        const build = changed(all);
        const ports = portsOf(build);
        if (ports.length > 1) isSound(build, ports[f % ports.length]!, ports[t % ports.length]!);
      }),
      { numRuns: 25 },
    );
  });
});
