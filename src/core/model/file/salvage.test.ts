import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { mutated } from '../../../../tests/kit/mutate';
import { buildProblem } from './build-problem';
import { salvageBuild } from './salvage';

const tug = demoBuild('harbour-tug');
type Data = Record<string, unknown>;
const changed = (change: (build: Record<string, Data[]> & Data) => void): Data => {
  const data = structuredClone(tug) as unknown as Record<string, Data[]> & Data;
  change(data);
  return data;
};

describe('what can be read of a spoilt build', () => {
  it('is all of one that is whole', () => {
    expect(salvageBuild(tug)).toEqual({ build: tug, dropped: [] });
  });

  it('is everything but the lead with a length that cannot be', () => {
    const spoilt = changed(({ leads }) => (leads![3]!.metres = { value: -4, provenance: 'measured' }));
    const saved = salvageBuild(spoilt)!;
    expect(saved.build.leads).toEqual(tug.leads.filter((_, n) => n !== 3));
    expect(saved.build.fittings).toEqual(tug.fittings);
    expect(saved.dropped).toEqual([
      { where: `the lead "${tug.leads[3]!.id}"`, why: expect.stringContaining('between') as string },
    ]);
  });

  it('loses with a sheet the part that it was of, its leads and its place in a function, and nothing else', () => {
    const { part } = tug.fittings.find((fitting) => fitting.id === 'port-rudder')!;
    const saved = salvageBuild(
      changed(({ parts }) => (parts!.find(({ id }) => id === part)!.kind = 'kettle')),
    )!;
    const gone = new Set(
      tug.fittings.filter((fitting) => fitting.part === part).map((fitting) => fitting.id),
    );
    expect(saved.build.fittings).toEqual(tug.fittings.filter((fitting) => !gone.has(fitting.id)));
    expect(saved.build.leads).toEqual(
      tug.leads.filter(({ from, to }) => !gone.has(from.fitting) && !gone.has(to.fitting)),
    );
    expect(saved.dropped.map(({ where }) => where)).toEqual(
      expect.arrayContaining(['the part "port rudder"']),
    );
  });

  it('takes what a new build has where the brief cannot be read', () => {
    const saved = salvageBuild({ ...changed(() => undefined), brief: 'a letter' })!;
    expect(saved.build.brief).not.toBe('a letter');
    expect(saved.dropped).toMatchObject([{ where: 'the brief' }]);
  });

  it('is nothing where there is no build at all', () => {
    expect([undefined, null, 3, 'text', []].map(salvageBuild)).toEqual(Array(5).fill(undefined));
  });

  it('can always be kept, and what is missing in it is told', () => {
    for (let seed = 1; seed <= 120; seed += 1) {
      const spoilt = mutated(tug, seed) as Data;
      const saved = salvageBuild(spoilt);
      if (!saved) continue;
      expect(buildProblem(saved.build as unknown as Data), `seed ${seed}`).toBeUndefined();
      if (buildProblem(spoilt)) expect(saved.dropped.length, `seed ${seed}`).toBeGreaterThan(0);
    }
  });
});
