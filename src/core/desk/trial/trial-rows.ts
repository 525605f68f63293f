import { bandWords } from '../../base/quantity/band-words';
import { formatQuantity } from '../../base/quantity/format';
import { runTimeWords } from '../../base/quantity/run-time-words';
import type { ToleranceResult } from './tolerance';
import type { TrialFigures, TrialResult } from './trial-result';

/** One figure of an outing, as it is shown. */
interface TrialRow {
  figure: keyof TrialFigures;
  name: string;
  value: string;
  note: string;
  isBad?: boolean;
}

const noteOfHeat = (margin: number): string =>
  Number.isFinite(margin) ? `${margin.toFixed(0)} °C to spare` : '';

/**
 * The figures that decide an outing, in the same order for every build.
 * @param spread what many runs with the estimates varied came to, where there are any: figures are bands then; one that
 * rests on estimates is marked as such without
 */
export function trialRows(
  { figures, unreached, estimates }: TrialResult,
  spread?: ToleranceResult,
): TrialRow[] {
  // What is left out draws nothing: a time without it would be praise.
  const isTold = Number.isFinite(figures.runMinutes) && unreached.length === 0;
  const said = (name: keyof TrialFigures & keyof ToleranceResult, words: (value: number) => string) =>
    spread
      ? bandWords(figures[name], spread[name], words)
      : `${estimates.length > 0 ? '≈ ' : ''}${words(figures[name])}`;
  return [
    {
      figure: 'railMinVolts',
      name: 'lowest at the receiver',
      value: said('railMinVolts', (volts) => `${volts.toFixed(2)} V`),
      note: `floor ${formatQuantity(figures.floorVolts, 'V')}`,
      isBad: figures.railMinVolts < figures.floorVolts,
    },
    {
      figure: 'mostPackAmps',
      name: 'most from the packs',
      value: said('mostPackAmps', (amps) => formatQuantity(amps, 'A')),
      note: `mean ${formatQuantity(figures.meanPackAmps, 'A')}`,
    },
    {
      figure: 'runMinutes',
      name: 'run time at this use',
      value: isTold ? said('runMinutes', runTimeWords) : 'not told',
      note: unreached.length > 0 ? 'parts are left out' : `${(100 * figures.chargeUsed).toFixed(1)} % used`,
    },
    ...(figures.topSpeed > 0
      ? [
          {
            figure: 'topSpeed' as const,
            name: 'top speed',
            value: said('topSpeed', (speed) => `${speed.toFixed(1)} m/s`),
            note: '',
          },
        ]
      : []),
    {
      figure: 'hottestCelsius',
      name: 'hottest part',
      value: said('hottestCelsius', (celsius) => formatQuantity(celsius, '°C')),
      note: noteOfHeat(figures.heatMargin),
      isBad: figures.heatMargin < 0,
    },
  ];
}
