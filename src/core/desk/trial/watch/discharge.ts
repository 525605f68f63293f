import { packVoltsAt } from '../../../model/packs/pack-volts';
import type { Source } from '../../../physics/network/devices/source';
import { cellVolts, type Chemistry } from '../../../model/packs/chemistry';
import { wakingSeconds } from '../waking';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

interface DischargeParts {
  pack: { id: string; name: string; chemistry: Chemistry; cells: number };
  source: Source;
  ampHours: number;
  /** 0 to 1. */
  charge: number;
  /** Volts across the pack's own contacts. */
  volts: (x: Float64Array) => number;
}

/** A pack that runs down: its open-circuit volts follow its charge. */
export class Discharge implements Watcher {
  charge: number;
  mostAmps = 0;
  private start: number;
  /** Ampere-seconds that went out. */
  given = 0;
  private lastAmps = 0;
  private emptySince: number | undefined;
  private readonly floor: number;
  private readonly stretches = new Stretches(1);

  constructor(private readonly parts: DischargeParts) {
    this.start = this.charge = parts.charge;
    this.floor = cellVolts(parts.pack.chemistry).floor;
  }

  /** Begins with another charge, 0 to 1, before anything has gone out. */
  begin(charge: number): void {
    this.start = this.charge = charge;
  }

  look(moment: Moment): boolean {
    const { pack, source, ampHours, volts } = this.parts;
    const amps = source.amps(moment.x);
    this.given += moment.step * ((amps + this.lastAmps) / 2);
    this.lastAmps = amps;
    this.charge = Math.max(this.start - this.given / (3600 * ampHours), 0);
    const wasEmpty = this.emptySince !== undefined;
    if (this.charge <= 0) this.emptySince ??= moment.time;
    // What is drawn beyond the last of the charge comes from nowhere.
    source.volts = wasEmpty || this.charge <= 0 ? 0 : packVoltsAt(pack, this.charge);
    const hasEmptied = !wasEmpty && this.emptySince !== undefined;
    // Not while power comes up.
    if (moment.time < wakingSeconds) return hasEmptied;
    this.mostAmps = Math.max(this.mostAmps, amps);
    if (this.emptySince === undefined) this.stretches.note(volts(moment.x) / pack.cells < this.floor, moment);
    return hasEmptied;
  }

  events(): TrialEvent[] {
    const { pack } = this.parts;
    const { emptySince } = this;
    const empty: TrialEvent[] =
      emptySince === undefined
        ? []
        : [
            {
              kind: 'empty',
              subject: pack.id,
              at: emptySince,
              until: emptySince,
              words: `The ${pack.name} is empty after ${(emptySince / 60).toFixed(1)} min: it gives nothing more.`,
            },
          ];
    const damaged = this.stretches.all.map(({ at, until }): TrialEvent => ({
      kind: 'belowFloor',
      subject: pack.id,
      at,
      until,
      words: `The ${pack.name} falls under ${this.floor.toFixed(2)} V a cell: it would be damaged.`,
    }));
    return [...damaged, ...empty];
  }
}
