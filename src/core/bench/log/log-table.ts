import type { ReadingKind } from '../calibration/reading-kinds';
import type { Build } from '../../model/plan/build';
import type { LogEntry } from '../../model/plan/log-entry';
import { plain as escaped } from '../sheet/markdown-sheet';
import type { SheetTable } from '../sheet/sheet-table';

const day = (on: string): string => on.slice(0, 10);

/** The log as a table, a line for each entry; readings in one column. */
export function logTable({ log = [], fittings }: Build, kinds: readonly ReadingKind[]): SheetTable {
  const names = new Map(fittings.map(({ id, name }) => [id, name]));
  const reading = ({ what, value }: LogEntry['readings'][number]) => {
    const kind = kinds.find((each) => each.what === what);
    return `${kind?.name ?? what} ${value}${kind ? ` ${kind.unit}` : ''}`;
  };
  return {
    title: 'Log',
    heads: [
      'Date',
      'What',
      'Place',
      'Weather',
      'Air, °C',
      'Pack',
      'Minutes',
      'Rested, V',
      'Put back, Ah',
      'Inside, mΩ',
      'Readings',
      'What happened',
      'What was changed',
      'Cost',
    ],
    rows: log.map((entry) => [
      day(entry.on),
      entry.kind,
      entry.place ?? '',
      entry.weather ?? '',
      text(entry.air),
      (entry.pack && names.get(entry.pack)) ?? '',
      text(entry.minutes),
      text(entry.restVolts),
      text(entry.chargeBack),
      text(entry.packOhms === undefined ? undefined : Math.round(1000 * entry.packOhms)),
      entry.readings.map(reading).join('; '),
      entry.happened ?? '',
      entry.changed ?? '',
      text(entry.money),
    ]),
  };
}

/** The log as Markdown: a heading for each day, its readings and words under it. */
export function markdownLog(build: Build, kinds: readonly ReadingKind[]): string {
  const { heads, rows } = logTable(build, kinds);
  const days = rows.map((row) => {
    const [on = '', what = '', place = ''] = row;
    const lines = heads.flatMap((head, n) =>
      n > 2 && row[n] ? [`- ${head}: ${escaped(row[n]).replaceAll('\n', ' ')}`] : [],
    );
    return [`## ${on}, ${what}${place ? `, ${escaped(place)}` : ''}`, ...lines].join('\n');
  });
  return `${[`# Log: ${escaped(build.name)}`, ...days].join('\n\n')}\n`;
}

const text = (value: number | undefined): string => (value === undefined ? '' : String(value));
