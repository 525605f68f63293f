import type { CheckResult } from '../../judgement/check/check-result';
import type { Column } from '../../model/kinds/kind';
import type { PartKind } from '../../model/kinds/part-spec';
import { formatQuantity } from '../../base/quantity/format';
import { columnOf } from './column';

export interface ColumnHead {
  column: Column;
  /** Ids of the parts that the head stands over. */
  over: string[];
  name: string;
  /** The volts or amps at its head. */
  figure: string;
  /** Whether the figure tells of trouble. */
  isBad: boolean;
}

/**
 * What stands at the head of each column: the volts that feed it, or the amps that it asks, as they usually are where
 * somebody has not told them.
 */
export function columnHeads({ context, likely }: Pick<CheckResult, 'context' | 'likely'>): ColumnHead[] {
  const { index, survey, circuit } = likely;
  const asked = (amps: number): string => `${likely === context ? '' : '≈ '}${formatQuantity(amps, 'A')}`;
  const packs = circuit.packLoads();
  const rails = circuit.railLoads();
  const packVolts = [...new Set(survey.packGroups().map((group) => group.volts.full))];
  const isOverdrawn = packs.some((load) => load.allowedAmps !== undefined && load.amps > load.allowedAmps);
  const radio = survey.rails.filter((rail) => rail.isRadio);
  const railVolts = [...new Set(radio.flatMap((rail) => rail.sources.map((source) => source.volts.full)))];
  const over = (...kinds: PartKind[]) =>
    index
      .pieces()
      .filter(({ kind }) => kinds.includes(kind))
      .map(({ fitting }) => fitting.id);
  const served = index.pieces().filter((fitted) => columnOf(fitted) === 'served');
  const motors = circuit.at('worst', 'full');
  const driven = index
    .ofKind('controller')
    .reduce((sum, controller) => sum + (motors?.motorAmps(controller.fitting.id) ?? 0), 0);
  const sum = (loads: readonly { amps: number }[]) => loads.reduce((total, load) => total + load.amps, 0);
  const heads: ColumnHead[] = [
    { over: over('pack'), column: 'pack', name: 'Pack', figure: voltsList(packVolts, ' full'), isBad: false },
    {
      over: over('controller', 'bec', 'board'),
      column: 'drive',
      name: 'Drive',
      figure: asked(sum(packs)),
      isBad: isOverdrawn,
    },
    {
      over: over('receiver'),
      column: 'radio',
      name: 'Rail',
      figure: voltsList(railVolts, '') || 'not fed',
      isBad: radio.some((rail) => rail.sources.length !== 1),
    },
    { over: over('motor'), column: 'radio', name: 'Motors', figure: asked(driven), isBad: false },
    {
      over: served.map((fitted) => fitted.fitting.id),
      column: 'served',
      name: 'Servos, lamps',
      figure: asked(sum(rails)),
      isBad: false,
    },
  ];
  return heads.filter((columnHead) => columnHead.over.length > 0);
}

const voltsList = (volts: readonly number[], after: string): string =>
  volts.length === 0 ? '' : `${volts.map((value) => value.toFixed(1)).join(' and ')} V${after}`;
