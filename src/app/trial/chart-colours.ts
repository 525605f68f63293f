/** Colours of lines, told apart on both benches; a name always stands beside them. */
const colours = [
  'var(--chart-1)',
  'var(--chart-2)',
  'var(--chart-3)',
  'var(--chart-4)',
  'var(--chart-5)',
  'var(--chart-6)',
  'var(--chart-7)',
  'var(--chart-8)',
];

export const chartColour = (n: number): string => colours[n % colours.length]!;
