import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames, exampleNames } from '../../../../tests/kit/demo-builds';
import { faultyBuilds } from '../../../../tests/kit/faulty-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { checkBuild, previewPatch } from '../../judgement/check/check-build';
import { previewWords } from '../../judgement/check/preview';
import { headWords, isMeasured } from '../../judgement/findings/finding-words';
import { wells } from '../../judgement/findings/wells';
import { benchLists } from '../../desk/lists/schedule';
import { leadRows } from '../../desk/loom/lead-rows';
import { partLines } from '../../desk/loom/part-lines';
import type { Build } from '../../model/plan/build';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { stepAid } from '../../bench/procedure/step-aid';
import { starterLocker } from '../../model/starter/starter-locker';
import { screenHelp } from './screen-help';
import { agreeing, counted } from './sentences';

/** Every sentence that a build makes the application say, with where it is said. */
function* sentences(build: Build): Generator<[where: string, text: string]> {
  const check = checkBuild(build, starterLocker);
  const { context, findings, unknowns } = check;
  for (const finding of findings) {
    const { head, beyond } = headWords(finding);
    // What is counted has no distance to its limit that says something: its message has words of its own.
    if (!isMeasured(finding.unit) && finding.words === undefined) yield [finding.id, 'null words'];
    const where = `finding ${finding.id}`;
    yield [where, finding.text];
    yield [where, finding.why];
    yield [where, finding.formula];
    yield [where, finding.headline];
    yield [where, `${head} ${beyond ?? ''}`.trim()];
    for (const { name, note } of finding.terms) yield [where, `${name} ${note ?? ''}`];
    for (const patch of finding.patches.slice(0, 3)) {
      const preview = previewPatch(build, check, patch, starterLocker);
      yield [where, patch.label];
      yield [where, previewWords(preview)];
      for (const line of preview.changes) yield [where, line];
    }
  }
  for (const { missing } of unknowns) yield ['asked', missing];
  for (const well of wells) yield [well, check.wells[well].headline ?? ''];
  for (const step of planProcedure(context)) {
    const aid = stepAid(context, step);
    for (const text of [step.title, ...step.lines, ...aid.kit, aid.ifNot ?? '', step.measurement?.what ?? ''])
      yield [`step ${step.id}`, text];
  }
  for (const { title, heads, lines } of benchLists(context, []))
    for (const text of [title, ...heads, ...lines.flatMap(({ cells }) => cells)]) yield ['list', text];
  for (const row of leadRows(context))
    for (const text of [row.from, row.to, row.plugs, row.carries, ...row.conductors]) yield ['lead', text];
  for (const fitted of context.index.pieces())
    for (const text of partLines(context, fitted)) yield ['picture', text];
}

/** What no sentence may have, and what it is. */
const faults: [string, RegExp][] = [
  ['a name of the code', /\b(?!mAh)[a-z]+[A-Z][a-z]+[A-Za-z]*\b/],
  ['a value that is none', /\b(undefined|NaN|null|Infinity|\[object)/],
  ['a unit twice', /\b(V V|A A|mm mm|µs µs|Ah Ah|%\s+%|°C\s*°C|min min|kg kg)\b/],
  ['a word twice', /\b(the the|a a|of of|to to|and and|is is|in in)\b/i],
  ['a space before a stop', /\s[.,;:](\s|$)/],
  ['two spaces', /\S {2,}\S/],
  ['two stops', /(?<!\.)\.\.(?!\.)/],
  ['a before a vowel', /(^|\s)a (?=[aeio][a-z])(?!one)/],
  ['an before a consonant', /\ban (?=[bcdfgjkpqtvwxyz][a-z])/],
  [
    'one of many',
    /(^|[^\d.,])1 (servos|parts|plugs|leads|cells|joints|controllers|motors|channels|steps|pieces|straps)\b/,
  ],
  [
    'many of one',
    /\b([2-9]|\d\d+) (servo|part|plug|lead|joint|controller|motor|step|strap)\b(?!-| [a-z]+s\b)/,
  ],
  [
    'many that do as one',
    /\b(lamps|lights|beacons) (does|is|has|gets|needs|lies|wants|hears|stands|draws|shows)\b/i,
  ],
  ['a long figure', /\d\.\d{4,}/],
  ['a number for a matter', /\b\d+ \w+ (must be|may be|needs) /],
  [
    'a clause for a noun',
    /(^|[.!?] )(?!What would help:)(What(ever)?|Who(ever)?|Which|Where) [a-z](?![^.]*\?)/,
  ],
];

/** Words of a sentence, a line or a clause after a colon: more than twenty are read twice. */
const mostWords = 20;
const longest = (text: string): number =>
  Math.max(
    ...text
      .split(/(?<=[.?!:;])\s+/)
      .map((each) => each.split(/\s+/).filter((word) => /\w/.test(word)).length),
  );

const builds: [string, () => Build][] = [
  ...[...demoNames, ...exampleNames].map((name): [string, () => Build] => [name, () => demoBuild(name)]),
  ...Object.entries(soundBuilds).map(([name, build]): [string, () => Build] => [name, () => build]),
  ...faultyBuilds.map(({ fault, build }): [string, () => Build] => [fault, () => build]),
];

/** What the interface said before it spoke as the bench does. */
const banned = [
  'Type in another sheet',
  'Fit it into this build',
  'Leave it',
  'Take it back',
  'Least volts',
  'Most volts',
  'Draws itself',
  'Under its ears',
  'Inside one cell',
  'Where benches differ',
  'In all wells',
  'Nothing leaks',
  'puts this right by itself',
  'Live with it',
  'It does not do that',
  'I do it anyway',
  'Read off the transmitter as',
  'functions served',
  'It stays up',
  'until its sheet is read',
];

describe('the words of the interface', () => {
  const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file),
  );

  it('have none of the phrases that a person had to read twice', () => {
    expect(files.length).toBeGreaterThan(500);
    const found = files.flatMap((file) => {
      const text = readFileSync(path.join('src', file), 'utf8').replaceAll(/^\s*(?:\/\/|\/?\*).*$/gm, '');
      return banned.filter((phrase) => text.includes(phrase)).map((phrase) => `${file}: ${phrase}`);
    });
    expect(found).toEqual([]);
  });
});

describe('what the application says', () => {
  const said = builds.flatMap(([, make]) => [...sentences(make())]);

  it('of any demo, sound or faulty build has no name of the code, no hole, no unit twice, and its articles right', () => {
    expect(said.length).toBeGreaterThan(10_000);
    const wrong = said.flatMap(([where, text]) =>
      faults.filter(([, pattern]) => pattern.test(text)).map(([what]) => `${what} (${where}): ${text}`),
    );
    expect([...new Set(wrong)]).toEqual([]);
  });

  it('of any of them is told in at most twenty words at once', () => {
    expect(said.filter(([, text]) => longest(text) > mostWords)).toEqual([]);
  });

  it('has verbs that agree with the names before them, as people give names', () => {
    const said = (name: string, verb: string) => `${name} ${agreeing(name, verb)}`;
    expect(said('lamps', 'does')).toBe('lamps do');
    expect(said('lights', 'wants')).toBe('lights want');
    expect(said('hazard lights', 'lies')).toBe('hazard lights lie');
    expect(said('power harness', 'gets')).toBe('power harness gets');
    expect(said('chassis', 'is')).toBe('chassis is');
    expect(said('port rudder', 'is')).toBe('port rudder is');
    expect([counted(1, 'joint'), counted(4, 'joint')]).toEqual(['1 joint', '4 joints']);
  });

  it('as help is of every screen in plain sentences', () => {
    for (const { name, what, how } of Object.values(screenHelp)) {
      expect(what, name).toMatch(/^[A-Z].*[.?]$/);
      for (const line of how) expect(line, name).toMatch(/^[A-Z“].*[.”]$/);
    }
  });
});
