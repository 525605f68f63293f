import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { hull } from './hull';

const root = path.join(import.meta.dirname, '..', '..');
const planned = path.join(root, 'demo/harbour-tug-as-planned.dryhull.json');
const right = path.join(root, 'demo/harbour-tug.dryhull.json');

const run = (...args: string[]) => hull(args);

describe('the command', { timeout: 60_000 }, () => {
  it.each([
    [['check', right], 0, /^Harbour tug\n/, ''],
    [['check', planned, '--json'], 1, /^\{/, ''],
    [['check', 'nowhere.json'], 2, /^$/, 'nowhere.json: cannot be opened\n'],
  ])('%j ends with %i', (args, exitCode, out, problem) => {
    const { status, stdout, stderr } = spawnSync(
      path.join(root, 'node_modules/.bin/tsx'),
      [path.join(root, 'src/cli/main.ts'), ...args],
      { encoding: 'utf8' },
    );
    expect({ status, stderr }).toEqual({ status: exitCode, stderr: problem });
    expect(stdout).toMatch(out);
  });

  it('says in one line that a disk is full, and lets no file speak to the terminal', () => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'hull-')), 'odd.json');
    writeFileSync(file, '{"format": 12, "\\u001b[31mred": 1}');
    const main = `"${path.join(root, 'node_modules/.bin/tsx')}" "${path.join(root, 'src/cli/main.ts')}"`;
    const { stdout, stderr } = spawnSync(
      'sh',
      ['-c', `${main} part "540 21T" > /dev/full; echo "ended with $?"; ${main} check "${file}"`],
      { encoding: 'utf8' },
    );
    expect(stdout).toBe('ended with 2\n');
    expect(stderr).toMatch(/^the answer cannot be written \(ENOSPC\)\n.*\n$/);
    // eslint-disable-next-line no-control-regex -- the sign that begins a terminal's orders
    expect(stderr).not.toMatch(/\u001b/);
  });
});

describe('hull check', () => {
  it('gives wells, findings and figures as JSON, and 1 for a stop', () => {
    const { exitCode, out } = run('check', planned, '--json');
    expect(exitCode).toBe(1);
    const answer = JSON.parse(out) as {
      wells: Record<string, object>;
      findings: Record<string, unknown>[];
      figures: Record<string, number>;
    };
    expect(answer.wells.voltage).toMatchObject({ state: 'flooded', stop: 3, mind: 0 });
    const pan = answer.findings.find((entry) => entry.rule === 'rail-volts-high');
    expect(pan).toMatchObject({
      messageId: 'tooManyVolts',
      severity: 'stop',
      well: 'voltage',
      actual: 6,
      limit: 5.2,
      unit: 'V',
      margin: -0.8,
      provenance: 'stated',
      text: 'The monitor pan servo gets too many volts from the BEC of the port controller',
    });
    expect(pan?.patches).toContainEqual({
      id: 'set-volts:port-controller:5',
      label: 'Set the BEC of the port controller to 5.0 V',
    });
    expect(answer.figures['rail:receiver.railVolts']).toBe(6);
  });

  it('says it in words, and 0 where nothing stops', () => {
    const { exitCode, out } = run('check', right);
    expect(exitCode).toBe(0);
    expect(out).toContain(
      'WARNING (Current, accepted): The plug between the radio BEC and the receiver carries more',
    );
  });

  it('writes the build with one put-right applied', () => {
    const { exitCode, out } = run('check', planned, '--apply', 'set-volts:port-controller:5');
    expect(exitCode).toBe(0);
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'hull-')), 'patched.dryhull.json');
    writeFileSync(file, out);
    const after = JSON.parse(run('check', file, '--json').out) as { findings: { rule: string }[] };
    expect(after.findings.map((finding) => finding.rule)).not.toContain('rail-volts-high');
    expect(out).not.toBe(readFileSync(planned, 'utf8'));
  });

  it('prints the wiring sheet', () => {
    const { exitCode, out } = run('sheet', right);
    expect(exitCode).toBe(0);
    expect(out).toContain('# Wiring sheet: Harbour tug');
    expect(out).toContain('| 7 | Lights | switch C | port 7 | lamps |');
  });

  it.each([
    ['no file', ['check', 'nowhere.json'], 'nowhere.json: cannot be opened'],
    ['no verb', [], 'usage: hull check FILE'],
    ['an unknown option', ['check', planned, '--loud'], 'usage: hull check FILE'],
    ['a file that is no build', ['check', path.join(root, 'package.json')], 'format: must be "dry-hull"'],
    ['an unknown patch', ['check', planned, '--apply', 'ghost'], 'offers the patch "ghost"'],
  ])('refuses %s with 2 and one line', (_, args, line) => {
    const { exitCode, out, problem } = run(...args);
    expect(exitCode).toBe(2);
    expect(out).toBe('');
    expect(problem).toContain(line);
    expect(problem).not.toContain('\n');
  });
});
