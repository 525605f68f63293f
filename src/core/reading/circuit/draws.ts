import { kindOfAny } from '../../model/kinds';
import type { RegulatorSizing } from '../../model/plan/policies';
import type { Figure } from '../../base/validation/figure';
import type { NodeId } from '../survey/nets';
import type { Supply } from '../survey/power';
import type { Survey } from '../survey/survey';

/** What one part draws by its sheet, in amps. */
export interface PartDraws {
  supply: Supply;
  running: Figure;
  /** A servo stalled; the same as running for the rest. */
  stalled: Figure;
}

/** A part whose sheet lacks what its amps hang on. */
export interface UnknownDraws {
  supply: Supply;
  /** `stall amps of the pan servo`. */
  missing: string;
}

/** Volts that a sheet is read at where nothing feeds a part yet. */
const usualVolts = 6;

/** What a part draws by its sheet at the volts it has, or what is missing; `undefined` for parts that draw by other sheets. */
export function drawsOf(supply: Supply): PartDraws | UnknownDraws | undefined {
  const { fitted, terminal } = supply;
  if (terminal.id !== 'supply') return undefined;
  const volts = supply.volts?.nominal ?? supply.sources[0]?.volts.nominal ?? usualVolts;
  const draws = kindOfAny(fitted.part).draws?.(fitted.part, Math.max(volts, 0.5));
  if (!draws) return undefined;
  return 'missing' in draws
    ? { supply, missing: `${draws.missing} of the ${fitted.fitting.name}` }
    : { supply, ...draws };
}

/** Servos that count as stalled at once on one plus, by school. */
export const mostStalled: Record<RegulatorSizing, number> = { allStalled: Infinity, twoWorst: 2, typical: 0 };

/** Ids of the servos that stall at the worst second, by school: on each plus the ones with most to add. */
export function stalledServos({ supplies }: Survey, school: RegulatorSizing): ReadonlySet<string> {
  const onPlus = new Map<NodeId, PartDraws[]>();
  for (const supply of supplies) {
    const draws = drawsOf(supply);
    if (!draws || 'missing' in draws || draws.stalled.value <= draws.running.value) continue;
    onPlus.set(supply.plus, [...(onPlus.get(supply.plus) ?? []), draws]);
  }
  const added = (partDraws: PartDraws) => partDraws.stalled.value - partDraws.running.value;
  const picked = [...onPlus.values()].flatMap((all) =>
    all.sort((a, b) => added(b) - added(a)).slice(0, mostStalled[school]),
  );
  return new Set(picked.map((partDraws) => partDraws.supply.fitted.fitting.id));
}
