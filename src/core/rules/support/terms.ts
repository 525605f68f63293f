import type { Term } from '../../check/finding';
import type { Figure } from '../../quantity/figure';
import type { Unit } from '../../quantity/format';
import type { Source } from '../../power/power-picture';

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

/** Volts that a source gives: cells times cell volts, or the regulator's setting. */
export function sourceTerm(source: Source, volts: number): Term {
  const { fitting, part } = source.fitted;
  return part.kind === 'pack'
    ? {
        ...plannedTerm(`${fitting.name}, full`, volts, 'V'),
        note: `${part.cells} cells of ${part.chemistry} at full charge`,
      }
    : plannedTerm(`regulator of ${fitting.name}, as set`, volts, 'V');
}
