import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const root = path.join(import.meta.dirname, '..', '..');
const planned = path.join(root, 'demo/harbour-tug-as-planned.dryhull.json');
const right = path.join(root, 'demo/harbour-tug.dryhull.json');

function hull(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(
    path.join(root, 'node_modules/.bin/tsx'),
    [path.join(root, 'src/cli/main.ts'), ...args],
    { encoding: 'utf8' },
  );
  return { status, stdout, stderr };
}

describe('hull check', { timeout: 60_000 }, () => {
  it('gives wells, findings and figures as JSON, and 1 for a stop', () => {
    const { status, stdout } = hull('check', planned, '--json');
    expect(status).toBe(1);
    const answer = JSON.parse(stdout) as {
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
    const { status, stdout } = hull('check', right);
    expect(status).toBe(0);
    expect(stdout).toContain(
      'MIND (Voltage, accepted): The port rudder and the starboard rudder will be 16 % weaker',
    );
  });

  it('writes the build with one put-right applied', () => {
    const { status, stdout } = hull('check', planned, '--apply', 'set-volts:port-controller:5');
    expect(status).toBe(0);
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'hull-')), 'patched.dryhull.json');
    writeFileSync(file, stdout);
    const after = JSON.parse(hull('check', file, '--json').stdout) as { findings: { rule: string }[] };
    expect(after.findings.map((finding) => finding.rule)).not.toContain('rail-volts-high');
    expect(stdout).not.toBe(readFileSync(planned, 'utf8'));
  });

  it('prints the wiring sheet', () => {
    const { status, stdout } = hull('sheet', right);
    expect(status).toBe(0);
    expect(stdout).toContain('# Wiring sheet: Harbour tug');
    expect(stdout).toContain('| 7 | Lights | switch C | port 7 | lamps |');
  });

  it.each([
    ['no file', ['check', 'nowhere.json'], 'nowhere.json: cannot be opened'],
    ['no verb', [], 'usage: hull check FILE'],
    ['an unknown option', ['check', planned, '--loud'], 'usage: hull check FILE'],
    ['a file that is no build', ['check', path.join(root, 'package.json')], 'format: must be "dry-hull"'],
    ['an unknown patch', ['check', planned, '--apply', 'ghost'], 'offers the patch "ghost"'],
  ])('refuses %s with 2 and one line', (_, args, line) => {
    const { status, stdout, stderr } = hull(...args);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toContain(line);
    expect(stderr.trim().split('\n')).toHaveLength(1);
  });
});
