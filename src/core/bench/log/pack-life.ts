import { packVolts } from '../../model/packs/pack-volts';
import type { Reading } from '../../reading/build-reading/reading';
import type { LogEntry } from '../../model/plan/log-entry';

/** A day of a pack. */
interface PackDay {
  on: string;
  ohms: number | undefined;
  restVolts: number | undefined;
  chargeBack: number | undefined;
}

/** What a pack has gone through, and what it tells. */
export interface PackLife {
  pack: string;
  name: string;
  days: PackDay[];
  /** Charges put back, each as a share of what is on its label, added up. */
  cycles: number;
  /** Ampere-hours put back in all. */
  ampereHours: number;
  /** One plain sentence each; nothing where it is as it was. */
  warnings: string[];
}

/** A pack of so much more ohms than it began with sags: rule of thumb of those who fly and drive. */
const tired = 1.5;

/** The packs that the log tells of, each with its days in order. */
export function packLives({ index, build }: Pick<Reading, 'index' | 'build'>): PackLife[] {
  return index.ofKind('pack').flatMap(({ fitting, part }): PackLife[] => {
    const own = (build.log ?? []).filter(({ pack }) => pack === fitting.id);
    if (own.length === 0) return [];
    const days = own.map((entry) => ({
      on: entry.on,
      ohms: entry.packOhms,
      restVolts: entry.restVolts,
      chargeBack: entry.chargeBack,
    }));
    const ampereHours = days.reduce((sum, { chargeBack = 0 }) => sum + chargeBack, 0);
    const capacity = part.ampHours?.value;
    return [
      {
        pack: fitting.id,
        name: fitting.name,
        days,
        ampereHours,
        cycles: capacity
          ? ampereHours / capacity
          : own.filter(({ chargeBack }) => chargeBack !== undefined).length,
        warnings: [
          ...sagging(own),
          ...drained(own, { floor: packVolts(part, 'floor'), cutoff: packVolts(part, 'cutoff') }),
        ],
      },
    ];
  });
}

function sagging(entries: readonly LogEntry[]): string[] {
  const ohms = entries.flatMap(({ packOhms }) => packOhms ?? []);
  const [first, last] = [ohms[0], ohms.at(-1)];
  if (first === undefined || last === undefined || ohms.length < 2 || last < tired * first) return [];
  return [
    `It has ${mohms(last)} inside, ${(last / first).toFixed(1)} times what it began with (${mohms(first)}): it sags more, gets warmer, and gives fewer minutes.`,
  ];
}

const mohms = (ohms: number): string => `${(1000 * ohms).toFixed(0)} mΩ`;

function drained(
  entries: readonly LogEntry[],
  { floor, cutoff }: { floor: number; cutoff: number },
): string[] {
  const last = entries.filter(({ restVolts }) => restVolts !== undefined).at(-1);
  const volts = last?.restVolts;
  if (volts === undefined || volts >= cutoff) return [];
  return [
    volts < floor
      ? `It came home at ${volts.toFixed(1)} V, under the ${floor.toFixed(1)} V that its cells stand: charge it only as its maker says, if at all.`
      : `It came home at ${volts.toFixed(1)} V, under its cut-off of ${cutoff.toFixed(1)} V: something went on drawing after the cut-off, or there is none.`,
  ];
}
