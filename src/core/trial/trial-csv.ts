import type { TrialResult } from './trial-result';

/** A table of an outing, a row for each slice: what a spreadsheet wants, each column with its unit. */
export function trialTable({ slices, seconds, rails, amps, cells, charge, heat, speed }: TrialResult): {
  fields: string[];
  data: number[][];
} {
  const columns = [
    ...rails.map((one) => ({ name: `${one.name}, lowest V`, values: one.values })),
    ...amps.map((one) => ({ name: `${one.name}, mean A`, values: one.values })),
    ...cells.map((one) => ({ name: `${one.name}, lowest V per cell`, values: one.values })),
    ...charge.map((one) => ({ name: `${one.name}, charge 0 to 1`, values: one.values })),
    ...heat.map((one) => ({ name: `${one.name}, °C`, values: one.values })),
    { name: 'speed, m/s', values: speed.values },
  ];
  const rows = Array.from({ length: slices }, (_, n) => [
    Number((((n + 1) * seconds) / slices).toFixed(4)),
    ...columns.map((one) => Number((one.values[n] ?? 0).toPrecision(6))),
  ]);
  return { fields: ['seconds', ...columns.map((one) => one.name)], data: rows };
}
