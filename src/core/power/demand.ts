import type { RegulatorSizing } from '../build/policies';
import { estimated, weakestProvenance, type Figure, type Provenance } from '../quantity/figure';
import { servoFigureAt } from '../parts/servo-sheet';
import type { Supply } from './power-picture';

/** What one part asks of its rail, in amps. */
export interface Demand {
  supply: Supply;
  /** Amps while working. */
  running: Figure;
  /** Amps at its worst: a servo stalled; the same as running for the rest. */
  stalled: Figure;
}

/** A part whose sheet lacks the amps that a sum needs. */
export interface MissingDemand {
  supply: Supply;
  missing: string;
}

/** Amps asked of a rail by one part, as counted by the chosen school. */
export interface CountedDemand {
  supply: Supply;
  amps: number;
  stalled: boolean;
  provenance: Provenance;
}

/** Share of stall that a moving servo draws where its sheet does not say: a rule of thumb. */
const runningShareOfStall = 0.2;

/** What a part asks at given volts, or what its sheet lacks; `undefined` for parts that ask nothing here. */
export function demandOf(supply: Supply, volts: number): Demand | MissingDemand | undefined {
  const { part } = supply.fitted;
  if (supply.terminal.id === 'feed') return undefined;
  switch (part.kind) {
    case 'servo': {
      const stalled = servoFigureAt(part, 'stallAmps', volts);
      if (!stalled) return { supply, missing: 'stall amps' };
      const running =
        servoFigureAt(part, 'runningAmps', volts) ??
        estimated(stalled.value * runningShareOfStall, 'a fifth of stall, rule of thumb');
      return { supply, running, stalled };
    }
    case 'receiver':
    case 'load':
    case 'electronicSwitch':
      return part.amps ? { supply, running: part.amps, stalled: part.amps } : { supply, missing: 'amps' };
    default:
      return undefined;
  }
}

/**
 * Amps asked of a rail by a school: all stalled; the two worst stalled and the rest running; all running.
 * Largest first.
 */
export function countDemands(demands: readonly Demand[], school: RegulatorSizing): CountedDemand[] {
  const extra = (one: Demand) => one.stalled.value - one.running.value;
  const stallers = demands.filter((one) => extra(one) > 0).sort((a, b) => b.stalled.value - a.stalled.value);
  const allowed = { allStalled: stallers.length, twoWorst: 2, typical: 0 }[school];
  const stalled = new Set(stallers.slice(0, allowed));
  return demands
    .map((one) => {
      const figure = stalled.has(one) ? one.stalled : one.running;
      return {
        supply: one.supply,
        amps: figure.value,
        stalled: stalled.has(one),
        provenance: weakestProvenance([figure.provenance]),
      };
    })
    .sort((a, b) => b.amps - a.amps);
}

export const totalAmps = (counted: readonly CountedDemand[]): number =>
  counted.reduce((sum, one) => sum + one.amps, 0);
