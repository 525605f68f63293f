import type { Regulator } from '../../../physics/network/devices/regulator';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** A regulator that gives all it can: what is asked beyond that comes out of its volts. */
export class Limit implements Watcher {
  private readonly stretches = new Stretches(0.3);

  constructor(
    private readonly regulator: Regulator,
    private readonly part: { id: string; name: string; maxAmps: number },
  ) {}

  look(moment: Moment): boolean {
    this.stretches.note(this.regulator.isLimiting(moment.x), moment);
    return false;
  }

  events(): TrialEvent[] {
    const { id, name, maxAmps } = this.part;
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'limit',
      subject: id,
      at,
      until,
      short: `${name}, ${maxAmps.toFixed(1)} A`,
      words: `The ${name} gives all it can, ${maxAmps.toFixed(1)} A: the rail sinks as far as the servos pull it.`,
    }));
  }
}
