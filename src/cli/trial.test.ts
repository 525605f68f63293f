import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { operatingPointCases, transientCases } from '../../tests/kit/cases';
import { demoBuild } from '../../tests/kit/demo-builds';
import { hull as run } from './hull';
import { networkCommand } from './network-command';
import { trialCommand, type TrialOptions } from './trial-command';

const root = path.join(import.meta.dirname, '..', '..');
const demo = (name: string) => path.join(root, `demo/${name}.dryhull.json`);

function hull(...args: string[]) {
  const { exitCode, out, problem } = run(args);
  return { status: exitCode, stdout: out, stderr: problem ?? '' };
}

const usual: TrialOptions = { json: true, outing: undefined, runs: 0, seed: 1 };

function trialJson(name: string, options: Partial<TrialOptions> = {}) {
  const done = trialCommand(demoBuild(name), { ...usual, ...options });
  if (!done.ok) throw new Error(done.problem);
  return { exitCode: done.value.exitCode, answer: JSON.parse(done.value.text) as Record<string, unknown> };
}

describe('hull network', () => {
  it('answers an operating point in the shape that is expected of it', () => {
    const [solved] = operatingPointCases;
    const done = networkCommand(JSON.stringify(solved));
    const answer = JSON.parse(done.ok ? done.value : '{}') as Record<string, number>;
    expect(Object.keys(answer)).toEqual(solved!.probe!.map(({ node }) => node));
    for (const [node, volts] of Object.entries(solved!.expect))
      expect(Math.abs(answer[node]! - volts)).toBeLessThan(0.002 * volts);
  });

  it('answers a course with its extremes, mean, end and time below', () => {
    const solved = transientCases.find(({ probe }) => probe!.some((node) => node.below !== undefined))!;
    const done = networkCommand(JSON.stringify(solved));
    const answer = JSON.parse(done.ok ? done.value : '{}') as Record<string, object>;
    expect(Object.keys(answer.rail!).sort()).toEqual(Object.keys(solved.expect.rail!).sort());
  });

  it('reports every node where none is asked for', () => {
    const { probe: _, ...rest } = operatingPointCases[0]!;
    const done = networkCommand(JSON.stringify(rest));
    expect(Object.keys(JSON.parse(done.ok ? done.value : '{}') as object)).toContain('rail');
  });

  it.each([
    ['no JSON', '{', 'not valid JSON'],
    ['no analysis', '{"elements": []}', 'analysis.kind'],
    ['no element', '{"analysis": {"kind": "operatingPoint"}, "elements": []}', 'elements: must be a list'],
    [
      'an unknown kind',
      '{"analysis": {"kind": "operatingPoint"}, "elements": [{"id": "a", "kind": "kettle"}]}',
      'elements[0]: kind must be one of',
    ],
    [
      'text for a number',
      '{"analysis": {"kind": "operatingPoint"}, "elements": [{"id": "a", "kind": "resistor", "from": "p", "to": "gnd", "ohms": "x"}]}',
      'elements[0]: "ohms" must be a number',
    ],
    [
      'a probe that leads nowhere',
      '{"analysis": {"kind": "operatingPoint"}, "elements": [{"id": "a", "kind": "resistor", "from": "p", "to": "gnd", "ohms": 1}], "probe": [{"node": "q"}]}',
      'no node "q"',
    ],
    ...[
      [{ seconds: 1, step: '0.01' }, [], 'seconds and step, as numbers'],
      [{ seconds: 1, step: 0.01 }, [], 'a list with a node or more'],
      [{ seconds: 1, step: 0.01 }, [{ node: 'p', after: 1 }], 'leaves nothing of a course of 1 s'],
      [{ seconds: 1, step: 0.01 }, [{ node: 'p', below: '5 V' }], '"below" must be a number'],
    ].map(([course, probe, why]): [string, string, string] => [
      `a course with ${JSON.stringify(probe)} of ${JSON.stringify(course)}`,
      JSON.stringify({
        analysis: { kind: 'transient', ...(course as object) },
        elements: [{ id: 'v', kind: 'source', node: 'p', volts: 5, ohms: 0.1 }],
        probe,
      }),
      why as string,
    ]),
  ])('refuses %s and says where', (_, text, why) => {
    const done = networkCommand(text);
    expect(done.ok ? '' : done.problem).toContain(why);
  });
});

describe('hull trial', () => {
  it('tells brown-outs of the tug as planned, and 1 for the stop', () => {
    const { exitCode, answer } = trialJson('harbour-tug-as-planned');
    expect(exitCode).toBe(1);
    expect(answer.outing).toBe('full-lock-reversals');
    expect((answer.figures as { brownOuts: number }).brownOuts).toBeGreaterThan(3);
    expect((answer.findings as { rule: string }[]).map((each) => each.rule)).toContain('trial-brown-out');
  });

  it('takes an outing by its name, and 0 where nothing stops', () => {
    const { exitCode, answer } = trialJson('harbour-tug', { outing: 'Tow at full ahead' });
    expect(exitCode).toBe(0);
    expect(answer.outing).toBe('tow');
    expect(answer.firstToGive as unknown[]).toHaveLength(3);
  });

  it('varies estimates with a seed, the same way each time', () => {
    const [entry, again] = [1, 2].map(() => trialJson('salt-flat-yacht', { runs: 3, seed: 7 }).answer);
    expect(again).toEqual(entry);
    expect(entry!.tolerance).toMatchObject({ runs: 3 });
  });

  it('says which outings there are for one there is not', () => {
    const done = trialCommand(demoBuild('harbour-tug'), { ...usual, outing: 'to the moon' });
    expect(done.ok ? '' : done.problem).toContain(
      'full-lock-reversals, pottering, sprint, tow, jammed, long',
    );
  });

  it('praises nothing that would burn: the open stop of volts comes first', () => {
    const car = demoBuild('touring-car');
    const parts = car.parts.map((part) => (part.kind === 'pack' ? { ...part, cells: 24 } : part));
    const done = trialCommand({ ...car, parts }, { ...usual, json: false });
    if (!done.ok) throw new Error(done.problem);
    const [, verdict] = done.value.text.split('\n');
    expect(verdict).toMatch(/too many volts.*put that right first/);
    expect(done.value.exitCode).toBe(1);
  });

  it('tells what rests on estimates as such, and as a band where runs were asked for', () => {
    const runTime = (runs: number) => {
      const done = trialCommand(demoBuild('harbour-tug'), { ...usual, json: false, runs });
      if (!done.ok) throw new Error(done.problem);
      return done.value.text.split('\n').find((line) => line.startsWith('run time'));
    };
    expect(runTime(0)).toMatch(/^run time at this use +≈ \d+ min/);
    expect(runTime(12)).toMatch(/^run time at this use +\d+–\d+ min/);
  });

  it('says it in words on the command line, and refuses odd numbers of runs', () => {
    const { status, stdout } = hull('trial', demo('salt-flat-yacht'), '--outing', 'gusts');
    expect(status).toBe(0);
    expect(stdout).toContain('lowest at the receiver');
    const refused = hull('trial', demo('salt-flat-yacht'), '--runs=-3');
    expect(refused.status).toBe(2);
    expect(refused.stderr).toContain('--runs must be a whole number');
    expect(hull('trial', demo('salt-flat-yacht'), '--runs=').status).toBe(2);
  });
});

describe('hull network on the command line', () => {
  it('reads a file, and refuses what is none of ours with 2', () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'hull-'));
    const file = path.join(folder, 'case.json');
    writeFileSync(file, JSON.stringify(operatingPointCases[1]));
    expect(hull('network', file, '--json').status).toBe(0);
    const refused = hull('network', demo('harbour-tug'));
    expect(refused.status).toBe(2);
    expect(refused.stderr).toContain('analysis.kind');
  });
});
