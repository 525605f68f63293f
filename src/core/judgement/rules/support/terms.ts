import type { Reading } from '../../../reading/build-reading/reading';
import type { Term } from '../../../base/quantity/term';
import type { Figure } from '../../../base/validation/figure';
import type { Unit } from '../../../base/quantity/format';
import type { Source } from '../../../reading/survey/power';

/** A term from a figure of a sheet. */
export function figureTerm(name: string, figure: Figure, unit: Unit): Term {
  return {
    name,
    value: figure.value,
    unit,
    provenance: figure.provenance,
    ...(figure.note && { note: figure.note }),
  };
}

/** A term that is counted or set in the plan, and therefore sure. */
export const plannedTerm = (name: string, value: number, unit: Unit): Term => ({
  name,
  value,
  unit,
  provenance: 'stated',
});

/** A term read from the solved network, which rests on estimates of leads and loads. */
export const solvedTerm = (name: string, value: number, unit: Unit): Term => ({
  name,
  value,
  unit,
  provenance: 'estimated',
  note: 'from the network, solved',
});

/** Volts that a source gives: cells times cell volts, or the regulator's setting. */
export function sourceTerm({ survey }: Reading, source: Source, volts: number): Term {
  const { fitting } = source.fitted;
  const packs = survey.packsBehind(source);
  if (source.fitted.kind !== 'pack') {
    const how = source.isUnset ? 'not set, its worst choice' : 'as set';
    return plannedTerm(`regulator of ${fitting.name}, ${how}`, volts, 'V');
  }
  return {
    ...plannedTerm(`${packs && packs.packs.length > 1 ? packs.name : fitting.name}, full`, volts, 'V'),
    note: packs
      ? `${packs.cells} cells${packs.chemistry ? ` of ${packs.chemistry}` : ''}, full and rested`
      : 'full and rested',
  };
}
