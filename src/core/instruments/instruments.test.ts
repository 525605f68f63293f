import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../tests/kit/demo-builds';
import { checkBuild } from '../check/check-build';
import { planProcedure } from '../procedure/plan-procedure';
import { starterLocker } from '../starter/starter-locker';
import { benchHead, readBenchLine, readRecording, type BenchLine } from './bench-line';
import { StandIn } from './stand-in';

const { context } = checkBuild(demoBuild('harbour-tug'), starterLocker);
const steps = planProcedure(context);
const shown = (id: string, seed: number) => {
  const standIn = new StandIn(
    context,
    steps.find((step) => step.id === id)!,
    seed,
  );
  return [0.2, 1, 2, 3].map((seconds) => standIn.at(seconds));
};

describe('instruments that stand in for real ones', () => {
  it('read within the band of every step of a sound build, once the probes lie still', () => {
    for (const step of steps.filter(({ measurement }) => measurement))
      for (const seed of [1, 2, 3]) {
        const meter = shown(step.id, seed)
          .at(-1)!
          .find(({ of }) => of === 'meter')!;
        expect(meter.value, step.title).toBeGreaterThanOrEqual(step.measurement!.least);
        expect(meter.value, step.title).toBeLessThanOrEqual(step.measurement!.most);
      }
  });

  it('show less on a loaded rail than at rest, and a pulse near the middle on every channel that is heard', () => {
    const [rest, loaded] = ['measure-rest:rail:receiver', 'measure-loaded:rail:receiver'].map(
      (id) =>
        shown(id, 5)
          .at(-1)!
          .find(({ of }) => of === 'meter')!.value,
    );
    expect(loaded!).toBeLessThan(rest!);
    const last = shown('range', 1).at(-1)!;
    const pulses = last.filter(({ kind }) => kind === 'pulse');
    expect(pulses.map(({ name }) => name)).toContain('port rudder');
    for (const { value } of pulses) expect(Math.abs(value - 1500)).toBeLessThan(520);
    const amps = last.find(({ kind, of }) => kind === 'amps' && of === 'tow-pack');
    expect(amps!.value).toBeGreaterThan(0);
  });

  it('are the same again for the same number, and others for another', () => {
    expect(shown('range', 7)).toEqual(shown('range', 7));
    expect(shown('measure-rest:rail:receiver', 7)).not.toEqual(shown('measure-rest:rail:receiver', 8));
  });

  it('write lines that are read back as they were', () => {
    const lines = shown('measure-rest:rail:receiver', 3).flat();
    const text = [benchHead, ...lines].map((line) => JSON.stringify(line)).join('\n');
    expect(readRecording(text)).toEqual({ ok: true, value: lines });
  });
});

describe('a recording', () => {
  const line: BenchLine = { at: 1, kind: 'volts', of: 'meter', name: 'the rail', value: 5 };
  const text = (...rows: object[]) => rows.map((row) => JSON.stringify(row)).join('\r\n');

  it.each([
    ['', /line 1: must be/],
    [text(line), /line 1: must be/],
    [text(benchHead), /holds no reading/],
    [text(benchHead, { ...line, value: 'five' }), /line 2\.value/],
    [text(benchHead, line, { ...line, at: 0.5 }), /line 3: is earlier/],
    [text(benchHead, { ...line, colour: 'red' }), /line 2/],
    [`${text(benchHead)}\nvolts 5`, /line 2: is no JSON/],
  ])('that is wrong is refused whole: %j', (bad, why) => {
    const read = readRecording(bad);
    expect(read.ok ? '' : `${read.problem.where}: ${read.problem.why}`).toMatch(why);
  });

  it('gives one line with its unit', () => {
    expect(readBenchLine(JSON.stringify(line), 4)).toEqual({ ok: true, value: line });
    expect(readBenchLine('[1]', 4)).toMatchObject({ ok: false, problem: { where: 'line 4' } });
  });
});
