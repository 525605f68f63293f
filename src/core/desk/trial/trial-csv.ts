import type { TrialResult } from './trial-result';

/** A table of an outing, a row for each slice: what a spreadsheet wants, each column with its unit. */
export function trialTable({ slices, seconds, rails, amps, cells, charge, heat, speed }: TrialResult): {
  fields: string[];
  data: number[][];
} {
  const columns = [
    ...rails.map((rail) => ({ name: `${rail.name}, lowest V`, values: rail.values })),
    ...amps.map((line) => ({ name: `${line.name}, mean A`, values: line.values })),
    ...cells.map((cell) => ({ name: `${cell.name}, lowest V per cell`, values: cell.values })),
    ...charge.map((line) => ({ name: `${line.name}, charge 0 to 1`, values: line.values })),
    ...heat.map((heatSeries) => ({ name: `${heatSeries.name}, °C`, values: heatSeries.values })),
    { name: 'speed, m/s', values: speed.values },
  ];
  const rows = Array.from({ length: slices }, (_, n) => [
    Number((((n + 1) * seconds) / slices).toFixed(4)),
    ...columns.map((column) => Number((column.values[n] ?? 0).toPrecision(6))),
  ]);
  return { fields: ['seconds', ...columns.map((column) => column.name)], data: rows };
}
