import { totalAmps } from '../power/demand';
import { regulatorAmps } from '../power/regulator-amps';
import type { CheckContext } from '../rules/rule';
import { inputVoltsOf } from '../rules/support/regulator-input';
import { capital } from '../rules/words';

/** Amps asked against amps given, to scale: one bar for each rail and each pack. */
export interface Ladder {
  id: string;
  title: string;
  shares: { id: string; name: string; amps: number; isWorst: boolean }[];
  askedAmps: number;
  /** What the one source that carries it can give; `undefined` where no sheet says. */
  givenAmps: number | undefined;
  giver: string;
}

/** The ladders of a build, rails first. */
export function laddersOf(context: CheckContext): Ladder[] {
  return [...railLadders(context), ...packLadders(context)];
}

function railLadders(context: CheckContext): Ladder[] {
  return context.rails.flatMap((rail): Ladder[] => {
    const [carrier] = rail.sources;
    if (rail.counted.length === 0) return [];
    const regulator = carrier?.terminal.regulator;
    const input = carrier && inputVoltsOf(context, carrier);
    const given =
      carrier && regulator && input !== undefined
        ? regulatorAmps(regulator, input, carrier.volts.full).value
        : undefined;
    return [
      {
        id: rail.id,
        title: capital(rail.name),
        shares: rail.counted.map((one) => ({
          id: one.supply.fitted.fitting.id,
          name: one.supply.fitted.fitting.name,
          amps: one.amps,
          isWorst: one.stalled,
        })),
        askedAmps: totalAmps(rail.counted),
        givenAmps: given,
        giver: carrier?.fitted.fitting.name ?? 'nothing',
      },
    ];
  });
}

function packLadders(context: CheckContext): Ladder[] {
  return context.packs.flatMap((load): Ladder[] => {
    if (load.shares.length === 0) return [];
    return [
      {
        id: load.pack.fitting.id,
        title: capital(load.pack.fitting.name),
        shares: load.shares.map((one) => ({
          id: one.fitted.fitting.id,
          name: one.fitted.fitting.name,
          amps: one.amps,
          isWorst: one.fitted.part.kind === 'motor',
        })),
        askedAmps: load.amps,
        givenAmps: load.allowedAmps,
        giver: load.pack.fitting.name,
      },
    ];
  });
}
