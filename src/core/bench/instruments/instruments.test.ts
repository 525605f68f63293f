import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { checkBuild } from '../../judgement/check/check-build';
import { planProcedure } from '../procedure/plan-procedure';
import { starterLocker } from '../../model/starter/starter-locker';
import { benchHead, readBenchLine, readRecording, type BenchLine } from './bench-line';
import { readRecordingTable, recordingTable, writeRecording } from './recording-table';
import { candidateFaults } from '../faults/candidate-faults';
import { readingKinds } from '../calibration/reading-kinds';
import { recordedReadings } from './recorded-readings';
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

describe('a mistake planted in the model', () => {
  it('shows on the instruments: volts that do not come, pulses that go the other way', () => {
    const at = (stepId: string, faultId: RegExp | undefined) => {
      const step = steps.find(({ id }) => id === stepId)!;
      const fault = candidateFaults(context).find(({ id }) => faultId?.test(id));
      expect(fault !== undefined).toBe(faultId !== undefined);
      return new StandIn(context, step, 3, fault?.harm).at(2);
    };
    const meter = (lines: BenchLine[]) => lines.find(({ of }) => of === 'meter')!.value;
    const rest = 'measure-rest:rail:receiver';
    expect(meter(at(rest, undefined))).toBeGreaterThan(4.5);
    const bec = context.index.ofKind('bec')[0]!.fitting.id;
    expect(meter(at(rest, new RegExp(`^plug-off:${bec}`)))).toBeLessThan(0.5);
    const pulseOf = (lines: BenchLine[], name: string) =>
      lines.find((line) => line.kind === 'pulse' && line.name === name)?.value;
    expect(pulseOf(at('range', undefined), 'port rudder')).toBeGreaterThan(1400);
    expect(pulseOf(at('range', /^plug-off:rudder/), 'port rudder')).toBeUndefined();
  });
});

describe('readings out of a recording', () => {
  const kinds = readingKinds(context);
  const run = (amps: (at: number) => number): BenchLine[] =>
    Array.from({ length: 4 * 90 }, (_, n) => n / 4).flatMap((at): BenchLine[] => [
      { at, kind: 'amps', of: 'tow-pack', name: 'tow pack', value: amps(at) },
      { at, kind: 'volts', of: 'receiver', name: 'receiver', value: at < 10 ? 6.02 : 5.6 },
    ]);

  it('are the second that asks most and the one that asks least, rest volts and the time it ran', () => {
    const found = recordedReadings(
      context,
      run((at) => (at > 20 && at < 30 ? 12 : 0.4)),
      kinds,
    );
    expect(Object.fromEntries(found.map(({ what, value }) => [what, value]))).toEqual({
      fullAmps: 12,
      restAmps: 0.4,
      runMinutes: 1.496,
      'restVolts:receiver': 6.02,
    });
  });

  it('leave out a spike, and whatever has no line', () => {
    const spiked = recordedReadings(
      context,
      run((at) => (at === 40 ? 300 : 2)),
      kinds,
    );
    expect(spiked.find(({ what }) => what === 'fullAmps')?.value).toBe(2);
    const pulses: BenchLine[] = [
      { at: 0, kind: 'pulse', of: 'port-rudder', name: 'port rudder', value: 1500 },
    ];
    expect(recordedReadings(context, pulses, kinds)).toEqual([]);
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

describe('a recording as a table', () => {
  const lines: BenchLine[] = [
    { at: 0, kind: 'volts', of: 'meter', name: 'the rail, at rest', value: 5.98 },
    { at: 0.25, kind: 'amps', of: 'pack', name: 'a "big" pack', value: 1.2 },
    { at: 0.25, kind: 'pulse', of: 'rudder', name: 'rudder', value: 1500 },
  ];

  it('comes back as it went out, with its columns in any order, and so does the one of the wire', () => {
    const { heads, rows } = recordingTable(lines);
    expect(readRecordingTable([heads, ...rows])).toEqual({ ok: true, value: lines });
    const turned = [heads, ...rows].map((row) => [...row].reverse());
    expect(readRecordingTable([...turned, ['', '', '', '', '']])).toEqual({ ok: true, value: lines });
    expect(readRecording(writeRecording(lines))).toEqual({ ok: true, value: lines });
  });

  it('keeps a reading below zero, which a table for spreadsheets quotes', () => {
    const turned: BenchLine[] = [{ at: 1, kind: 'volts', of: 'meter', name: '-rail', value: -4.98 }];
    const { heads, rows } = recordingTable(turned);
    const quoted = rows.map((row) => row.map((cell) => cell.replace(/^(?=[=+\-@])/, "'")));
    expect(quoted[0]).toContain("'-4.98");
    expect(readRecordingTable([heads, ...quoted])).toEqual({ ok: true, value: turned });
  });

  it.each([
    ['no heads', [['1', '2']], 'line 1'],
    [
      'a word for a number',
      [
        ['at', 'kind', 'of', 'name', 'value'],
        ['soon', 'volts', 'meter', 'rail', '5'],
      ],
      'line 2',
    ],
    [
      'nothing where its volts stand',
      [
        ['at', 'kind', 'of', 'name', 'value'],
        ['1', 'volts', 'meter', 'rail', ''],
      ],
      'line 2',
    ],
    [
      'a kind that no instrument has',
      [
        ['at', 'kind', 'of', 'name', 'value'],
        ['1', 'smell', 'meter', 'rail', '5'],
      ],
      'line 2',
    ],
    ['heads alone', [['at', 'kind', 'of', 'name', 'value']], 'the file'],
  ])('is refused whole with %s, and says where', (_, rows, where) => {
    const read = readRecordingTable(rows);
    expect(read.ok).toBe(false);
    expect(read.ok ? '' : read.problem.where).toContain(where);
  });
});
