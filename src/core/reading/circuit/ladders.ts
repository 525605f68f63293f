import { capital } from '../../base/words/sentences';
import type { Circuit } from './circuit';
import type { Rail } from '../survey/rails';
import type { Share } from './loads';

/** Amps asked against amps given, to scale: one bar for each rail and each pack. */
export interface Ladder {
  id: string;
  title: string;
  shares: { id: string; name: string; amps: number; isWorst: boolean }[];
  askedAmps: number;
  /** What the one source that carries it can give; `undefined` where no sheet says. */
  givenAmps: number | undefined;
  giver: string;
  /** Parts whose amps no sheet states, and that are left out. */
  unknown: string[];
}

/** The ladders of a build, rails first. */
export const laddersOf = (circuit: Circuit): Ladder[] => [...railLadders(circuit), ...packLadders(circuit)];

/** Amps of the one regulator that carries a rail; `undefined` where none does, or no sheet says. */
export const railTop = ({ rail }: { rail: Rail }): number | undefined =>
  rail.sources[0]?.terminal.regulator?.maxAmps.value;

function railLadders(circuit: Circuit): Ladder[] {
  return circuit.railLoads().flatMap(({ rail, shares, amps, unknown }): Ladder[] => {
    const [carrier] = rail.sources;
    if (shares.length === 0 && unknown.length === 0) return [];
    return [
      {
        id: rail.id,
        title: capital(rail.name),
        shares: shares.map((share) => barOf(share, share.isStalled)),
        askedAmps: amps,
        givenAmps: railTop({ rail }),
        giver: carrier?.fitted.fitting.name ?? 'nothing',
        unknown: unknown.map((each) => each.fitted.fitting.name),
      },
    ];
  });
}

function packLadders(circuit: Circuit): Ladder[] {
  return circuit.packLoads().flatMap(({ pack, shares, amps, allowedAmps, unknown }): Ladder[] => {
    if (shares.length === 0 && unknown.length === 0) return [];
    return [
      {
        id: pack.fitting.id,
        title: capital(pack.fitting.name),
        shares: shares.map((share) => barOf(share, share.fitted.kind === 'motor')),
        askedAmps: amps,
        givenAmps: allowedAmps,
        giver: pack.fitting.name,
        unknown: unknown.map((each) => each.fitted.fitting.name),
      },
    ];
  });
}

const barOf = ({ fitted, amps }: Share, isWorst: boolean): Ladder['shares'][number] => ({
  id: fitted.fitting.id,
  name: fitted.fitting.name,
  amps,
  isWorst,
});
