import type { TrialResult } from '../../core/desk/trial/trial-result';
import { formatQuantity } from '../../core/base/quantity/format';
import { runTimeWords } from '../../core/base/quantity/run-time-words';

/** One figure of an outing, as it is shown. */
interface TrialRow {
  name: string;
  value: string;
  note: string;
  isBad?: boolean;
}

/** The figures that decide an outing, in the same order for every build. */
export function trialRows({ figures, unreached }: TrialResult): TrialRow[] {
  // What is left out draws nothing: a time without it would be praise.
  const isTold = Number.isFinite(figures.runMinutes) && unreached.length === 0;
  return [
    {
      name: 'lowest at the receiver',
      value: `${figures.railMinVolts.toFixed(2)} V`,
      note: `floor ${formatQuantity(figures.floorVolts, 'V')}`,
      isBad: figures.railMinVolts < figures.floorVolts,
    },
    {
      name: 'most from the packs',
      value: formatQuantity(figures.mostPackAmps, 'A'),
      note: `mean ${formatQuantity(figures.meanPackAmps, 'A')}`,
    },
    {
      name: 'run time at this use',
      value: isTold ? runTimeWords(figures.runMinutes) : 'not told',
      note: unreached.length > 0 ? 'parts are left out' : `${(100 * figures.chargeUsed).toFixed(1)} % used`,
    },
    {
      name: 'hottest part',
      value: formatQuantity(figures.hottestCelsius, '°C'),
      note: Number.isFinite(figures.heatMargin) ? `${figures.heatMargin.toFixed(0)} °C to spare` : '',
      isBad: figures.heatMargin < 0,
    },
  ];
}
