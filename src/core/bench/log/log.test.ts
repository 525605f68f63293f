import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingKinds } from '../calibration/reading-kinds';
import { readingOf } from '../../reading/build-reading/reading';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import { applyEdits } from '../../model/plan/edits';
import type { LogEntry } from '../../model/plan/log-entry';
import { logTable, markdownLog } from './log-table';
import { packLives } from './pack-life';
import { hoursOf, upkeep } from './upkeep';

let count = 0;
const day = (on: string, change: Partial<LogEntry> = {}): LogEntry => ({
  id: `day-${(count += 1)}`,
  kind: 'outing',
  on: `${on}T12:00:00.000Z`,
  readings: [],
  ...change,
});
const boat = (...log: LogEntry[]) =>
  readingOf(
    applyEdits(
      tub(),
      log.map((entry) => ({ type: 'keepEntry', entry })),
    ),
    [],
  );
const now = Date.parse('2026-11-27T12:00:00.000Z');

describe('the log', () => {
  it('is kept in the order of its days, comes back from a file, and one of its pages can be taken out', () => {
    const [late, early] = [
      day('2026-11-20', { readings: [{ what: 'topSpeed', value: 5.2, error: 0.1 }], place: 'north basin' }),
      day('2026-11-02'),
    ];
    const { build } = boat(late, early);
    expect(build.log?.map(({ id }) => id)).toEqual([early.id, late.id]);
    const read = readBuildFile(writeBuildFile(build));
    expect(read.ok && read.value.log).toEqual(build.log);
    expect(applyEdits(build, [{ type: 'dropEntry', entry: early.id }]).log).toEqual([late]);
    const changed = applyEdits(build, [{ type: 'keepEntry', entry: { ...late, place: 'canal' } }]);
    expect(changed.log).toHaveLength(2);
    expect(changed.log?.[1]?.place).toBe('canal');
  });

  it('is a table with a line for each day, figures with their units', () => {
    const context = boat(
      day('2026-11-02', {
        pack: 'pack',
        minutes: 34,
        packOhms: 0.0123,
        readings: [{ what: 'restVolts:rx', value: 5.02 }],
      }),
    );
    const { heads, rows } = logTable(context.build, readingKinds(context));
    const cell = (head: string) => rows[0]![heads.indexOf(head)];
    expect([cell('Date'), cell('Pack'), cell('Minutes'), cell('Inside, mΩ')]).toEqual([
      '2026-11-02',
      'pack',
      '34',
      '12',
    ]);
    expect(cell('Readings')).toBe('Volts at the receiver, on and still 5.02 V');
  });
});

it('the log as Markdown says the same, and takes no word of it for a mark', () => {
  const context = boat(
    day('2026-11-02', { place: 'the *old* canal', happened: 'Ran well.\nThen rain.', minutes: 20 }),
  );
  const text = markdownLog(context.build, readingKinds(context));
  expect(text).toContain('## 2026-11-02, outing, the \\*old\\* canal');
  expect(text).toContain('- What happened: Ran well. Then rain.');
  expect(text).toContain('- Minutes: 20');
});

describe('a pack', () => {
  it('has as many cycles as its label was put back', () => {
    const [life] = packLives(
      boat(
        day('2026-11-02', { pack: 'pack', chargeBack: 3 }),
        day('2026-11-09', { pack: 'pack', chargeBack: 3 }),
        day('2026-11-10', { chargeBack: 9 }),
      ),
    );
    expect([life!.ampereHours, life!.cycles]).toEqual([6, 1.5]);
    expect(life!.warnings).toEqual([]);
  });

  it('that has half again its ohms is told to sag, one that came home too low is told so', () => {
    const tired = packLives(
      boat(
        day('2026-11-02', { pack: 'pack', packOhms: 0.01 }),
        day('2026-11-09', { pack: 'pack', packOhms: 0.016 }),
      ),
    );
    expect(tired[0]!.warnings).toEqual([expect.stringContaining('16 mΩ inside, 1.6 times')]);
    const low = packLives(boat(day('2026-11-02', { pack: 'pack', restVolts: 8.7 })));
    expect(low[0]!.warnings).toEqual([expect.stringContaining('under the 9.0 V that its cells stand')]);
    const drained = packLives(boat(day('2026-11-02', { pack: 'pack', restVolts: 9.6 })));
    expect(drained[0]!.warnings).toEqual([expect.stringContaining('under its cut-off of 9.9 V')]);
    expect(packLives(boat(day('2026-11-02')))).toEqual([]);
  });
});

describe('upkeep', () => {
  const due = (...log: LogEntry[]) =>
    upkeep(boat(...log), now)
      .filter(({ isDue }) => isDue)
      .map(({ id }) => id);

  it('falls due by hours run and by days, and is put off by what was done', () => {
    expect(due(day('2026-11-26', { minutes: 60 }))).toEqual([]);
    const long = [day('2026-11-25', { minutes: 190 }), day('2026-11-26', { minutes: 130 })];
    expect(due(...long)).toEqual(['joints', 'water']);
    const words = upkeep(boat(...long), now).find(({ id }) => id === 'joints')!.words;
    expect(due(...long, day('2026-11-27', { kind: 'bench', changed: words }))).toEqual(['water']);
    expect(due(day('2026-10-01'))).toContain('range');
  });

  it('counts the hours of outings only, and says nothing before there is a log', () => {
    expect(
      hoursOf([day('2026-11-01', { minutes: 90 }), day('2026-11-02', { kind: 'bench', minutes: 90 })]),
    ).toBe(1.5);
    expect(upkeep(boat(), now)).toEqual([]);
  });
});
