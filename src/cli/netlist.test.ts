import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { operatingPointCases } from '../../tests/kit/cases';
import { demoBuild, demoNames } from '../../tests/kit/demo-builds';
import { soundBuilds } from '../../tests/kit/sound-builds';
import { applyEdits } from '../core/model/plan/edits';
import { operatingPoint } from '../core/physics/network/operating-point';
import { networkOf } from '../core/physics/network/reference-form';
import { spiceText } from '../core/physics/network/spice';
import { netlistCommand } from './netlist-command';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'netlist-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Runs a netlist in an unmodified circuit simulator. @returns volts by node */
function simulated(text: string): Map<string, number> {
  const file = path.join(folder, 'build.cir');
  writeFileSync(file, text);
  const { stdout, error } = spawnSync('ngspice', ['-b', file], { encoding: 'utf8' });
  if (error) throw new Error(`ngspice could not be run: ${error.message}; npm test installs it`);
  return new Map(
    [...stdout.matchAll(/^\s*(n_\S+)\s+(-?[\d.]+e[+-]\d+)\s*$/gm)].map(([, node, volts]) => [
      node!,
      Number(volts),
    ]),
  );
}

/** The netlist's own answers, from its comments. */
const expected = (text: string): [string, number][] =>
  [...text.matchAll(/^\* expect V\((\S+)\) (\S+)$/gm)].map(([, node, volts]) => [node!, Number(volts)]);

it('keeps a name from becoming a command', () => {
  const text = spiceText('Tug\n.control\nshell ls\n.endc', [], new Map());
  expect(text.split('\n').filter((line) => line.startsWith('.'))).toEqual([
    expect.stringContaining('.options'),
    '.op',
    '.end',
  ]);
});

function agrees(text: string): void {
  const found = simulated(text);
  const wanted = expected(text);
  expect(wanted.length).toBeGreaterThan(0);
  for (const [node, volts] of wanted) {
    const other = found.get(node);
    // A tenth of a millivolt where nothing but a leak holds a node.
    const allowed = Math.max(0.002 * Math.abs(volts), 1e-4);
    expect(Math.abs((other ?? NaN) - volts), `${node}: ${volts} here, ${other} there`).toBeLessThan(allowed);
  }
}

describe('the netlist', () => {
  it.each(demoNames)('of the demo %s runs in a circuit simulator to the same volts', (name) => {
    const netlist = netlistCommand(demoBuild(name));
    if (!netlist.ok) throw new Error(netlist.problem);
    agrees(netlist.value);
  });

  it('of a build that readings have moved runs to the same volts', () => {
    const build = demoBuild('harbour-tug');
    const moved = applyEdits(
      build,
      [
        ['radio-bec.outOhms', 1.8],
        ['tow-pack.cellOhms', 0.7],
      ].map(([estimate, factor]) => ({
        type: 'measure',
        measured: { estimate: String(estimate), factor: Number(factor), said: 'read', on: '2026-11-27' },
      })),
    );
    const [before, after] = [build, moved].map((each) => netlistCommand(each));
    if (!before?.ok || !after?.ok) throw new Error('no netlist');
    expect(after.value).not.toBe(before.value);
    agrees(after.value);
  });

  it.each(Object.entries(soundBuilds))('of a sound build does too: %s', (_, build) => {
    const netlist = netlistCommand(build);
    if (!netlist.ok) throw new Error(netlist.problem);
    agrees(netlist.value);
  });

  it.each(operatingPointCases)('of the case $name does too', ({ name, elements }) => {
    const network = networkOf(elements, true);
    const found = operatingPoint(network);
    if (!found.ok) throw new Error('does not settle');
    const volts = new Map(network.nodeNames().map((node) => [node, found.value.x[network.indexOf(node)!]!]));
    agrees(spiceText(name, elements, volts));
  });
});
