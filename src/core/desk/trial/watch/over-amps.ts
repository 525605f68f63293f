import { formatQuantity } from '../../../base/quantity/format';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Seconds over which amps are taken together against what a part carries for long: a label's few seconds. */
const settling = 10;
/** Seconds of amps beyond all that a part carries, under which nothing has happened to it yet. */
const leastSeconds = 0.05;

/** A part with what it carries for long and for a blink, in amps; either may not be known. */
export interface Carried {
  id: string;
  name: string;
  lasting: number | undefined;
  blink: number | undefined;
}

/** Amps through a part against its burst, and their root mean square over some seconds against what it carries for long. */
export class OverAmps implements Watcher {
  private squares = 0;
  private most = 0;
  private mostLasting = 0;
  private readonly bursts = new Stretches(0.3);
  private readonly long = new Stretches(5);

  /** @param amps through it, either way */
  constructor(
    private readonly part: Carried,
    private readonly amps: (x: Float64Array) => number,
  ) {}

  look(moment: Moment): boolean {
    const { lasting = Infinity, blink = Infinity } = this.part;
    const amps = Math.abs(this.amps(moment.x));
    const share = 1 - Math.exp(-moment.step / settling);
    this.squares += share * (amps ** 2 - this.squares);
    const rms = Math.sqrt(this.squares);
    this.most = Math.max(this.most, amps);
    this.mostLasting = Math.max(this.mostLasting, rms);
    this.bursts.note(amps > blink, moment);
    this.long.note(rms > lasting, moment);
    return false;
  }

  events(): TrialEvent[] {
    const { id, name, lasting, blink } = this.part;
    const words = (amps: number, label: number, howLong: string) =>
      `The ${name} carries ${formatQuantity(amps, 'A')}; it stands ${formatQuantity(label, 'A')} ${howLong}.`;
    return [
      ...(blink === undefined
        ? []
        : this.bursts.all
            .filter(({ at, until }) => until - at >= leastSeconds)
            .map(({ at, until }) => ({
              kind: 'overBurst' as const,
              subject: id,
              at,
              until,
              amps: this.most,
              limit: blink,
              words: words(this.most, blink, 'for a moment'),
            }))),
      ...(lasting === undefined
        ? []
        : this.long.all.map(({ at, until }) => ({
            kind: 'overLasting' as const,
            subject: id,
            at,
            until,
            amps: this.mostLasting,
            limit: lasting,
            words: words(this.mostLasting, lasting, 'for long'),
          }))),
    ];
  }
}
