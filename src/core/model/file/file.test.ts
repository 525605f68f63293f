import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { applyEdits } from '../plan/edits';
import type { Build } from '../plan/build';
import { fileVersion } from './ladder';
import { readBuildFile } from './read-file';
import { writeBuildFile } from './write-file';

const demoText = readFileSync('demo/harbour-tug.dryhull.json', 'utf8');

type Node = Record<string, unknown>;

const original = JSON.parse(demoText) as { build: Build };

/** A file's text with the value at one path set, or taken out where it is `undefined`. */
function changed(at: string, value?: unknown): string {
  const file = structuredClone(original) as unknown as Node;
  const keys = at.split('.');
  const holder = keys.slice(0, -1).reduce((node, key) => node[key] as Node, file);
  holder[keys.at(-1)!] = value;
  return JSON.stringify(file);
}

function refusal(text: string) {
  const read = readBuildFile(text);
  if (read.ok) throw new Error('the file was taken');
  return read.problem;
}

describe('a build file', () => {
  it('is the same to the byte after reading and writing', () => {
    const read = readBuildFile(demoText);
    expect(read.ok && writeBuildFile(read.value) === demoText).toBe(true);
  });

  it.each(Array.from({ length: fileVersion - 1 }, (_, n) => n + 1))(
    'of version %i is still read, and written as one of today',
    (version) => {
      const old = readFileSync(`tests/fixtures/version-${version}.dryhull.json`, 'utf8');
      expect(JSON.parse(old)).toMatchObject({ version });
      const read = readBuildFile(old);
      expect(read.ok && read.value.name).toMatch(/^Harbour tug/);
      expect(read.ok && JSON.parse(writeBuildFile(read.value))).toMatchObject({ version: fileVersion });
      const notes = read.ok && read.value.stepNotes;
      if (version === 8) expect(notes).toEqual([{ step: 'measure', text: 'red probe on the capacitor' }]);
    },
  );

  it('does not depend on the order in which fields were set', () => {
    const build = tub();
    const shuffled = Object.fromEntries(Object.entries(build).reverse()) as unknown as typeof build;
    expect(writeBuildFile(shuffled)).toBe(writeBuildFile(build));
  });

  it('holds whatever edits make', () => {
    const build = applyEdits(tub(), [
      {
        type: 'accept',
        acceptance: { finding: 'a/b/c', margin: -1, reason: 'ü ✓ "quoted"', on: '2026-01-01T00:00:00.000Z' },
      },
      {
        type: 'tick',
        tick: {
          step: 'measure',
          said: 'Measure',
          reading: 4.98,
          minutes: 3.5,
          on: '2026-01-01T00:00:00.000Z',
        },
      },
      {
        type: 'noteStep',
        note: { step: 'bind', text: 'two lines\nof it', photo: 'data:image/png;base64,iVBORw0KGgo=' },
      },
    ]);
    expect(readBuildFile(writeBuildFile(build))).toEqual({ ok: true, value: build });
  });
});

describe('readBuildFile', () => {
  it.each([
    ['nothing', '', 'line 1, column 1', 'not valid JSON'],
    ['text cut short', demoText.slice(0, 500), 'line', 'not valid JSON'],
    ['a list', '[]', 'the file', 'one JSON object'],
    ['another program’s file', '{"format": "other"}', 'format', 'not a Dry Hull file'],
    ['a locker file', changed('locker', []), 'locker', 'a locker file'],
    ['a later version', changed('version', 99), 'version', 'is 99; this Dry Hull reads versions 1 to 12'],
    ['no version', changed('version'), 'version', 'is missing'],
    ['a field beside the build', changed('extra', 1), 'extra', 'not a field'],
    ['no build', changed('build'), 'build', 'is missing'],
    [
      'an unknown field',
      changed('build.fittings.2.colour', 'red'),
      'build.fittings[2].colour',
      'not a field',
    ],
    [
      'an unknown kind of part',
      changed('build.parts.1.kind', 'kettle'),
      'build.parts[1].kind',
      'must be one of',
    ],
    ['parts that are no list', changed('build.parts', {}), 'build.parts', 'must be a list'],
    ['a name that is a number', changed('build.name', 5), 'build.name', 'string'],
    ['a name of two lines', changed('build.name', 'Tug\n.control\nshell ls'), 'build.name', 'control'],
    [
      'a control character in a net',
      changed('build.parts.0.ports.0.pins.0.net', 'plus\u0007'),
      'build.parts[0].ports[0].pins[0].net',
      'control',
    ],
    ['a list where an object belongs', changed('build.brief', []), 'build.brief', 'object'],
    ['an object where a list belongs', changed('build.leads', {}), 'build.leads', 'must be a list'],
    ['a lead without an end', changed('build.leads.0.to'), 'build.leads[0].to', 'is missing'],
    ['nothing in a list', changed('build.ticks', [null]), 'build.ticks[0]', 'must be an object'],
    [
      'volts that are text',
      changed('build.fittings.0.regulatorVolts', '6'),
      'build.fittings[0].regulatorVolts',
      'number',
    ],
    [
      'a length out of range',
      changed('build.leads.0.metres.value', 900),
      'build.leads[0].metres',
      'between 0.005 and 50',
    ],
    [
      'a colour nobody knows',
      changed('build.leads.0.conductors.0.colour', 'mauve'),
      'build.leads[0].conductors[0].colour',
      'one of',
    ],
    ['a part twice', changed('build.parts.1', original.build.parts[0]), 'build.parts[', 'twice'],
    [
      'a fitting of no part',
      changed('build.fittings.3.part', 'ghost'),
      'build.fittings[3].part',
      'no part "ghost"',
    ],
    [
      'a lead to no fitting',
      changed('build.leads.1.to.fitting', 'ghost'),
      'build.leads[1].to.fitting',
      'no fitting "ghost"',
    ],
    ['a lead to no port', changed('build.leads.1.to.port', '99'), 'build.leads[1].to.port', 'no port "99"'],
    [
      'two leads in one port',
      changed('build.leads.1.from', original.build.leads[0]?.from),
      'build.leads[1].from',
      'in that port already',
    ],
    [
      'a contact the port lacks',
      changed('build.leads.0.conductors.0.from', 'signal'),
      'build.leads[0].conductors[0].from',
      'no contact "signal"',
    ],
    [
      'a function of no fitting',
      changed('build.functions.0.devices.0', 'ghost'),
      'build.functions[0].devices[',
      'no fitting "ghost"',
    ],
  ])('refuses %s', (_, text, where, why) => {
    const problem = refusal(text);
    expect(problem.where).toContain(where);
    expect(problem.why).toContain(why);
  });

  it('says on which line the JSON breaks', () => {
    const lines = demoText.split('\n');
    lines[41] = `${lines[41]}?`;
    expect(refusal(lines.join('\n')).where).toMatch(/^line 4[23], column/);
  });

  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.json().map((build) => `{"format":"dry-hull","version":1,"build":${build}}`),
        ),
        (text) => {
          expect(readBuildFile(text).ok).toBe(false);
        },
      ),
      { numRuns: 300, seed: 3 },
    );
  });
});
