import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** One part that warms: watts in, a way out for them, and what it stands. */
export interface HeatNode {
  id: string;
  name: string;
  /** Watts that become heat in it, at its temperature. */
  watts: (x: Float64Array, time: number, celsius: number) => number;
  /** Kelvin above the air for each watt, once settled, in still air. */
  kelvinPerWatt: number;
  /** How many times better the wind of going cools it than still air; 1 where not said. */
  wind?: (x: Float64Array) => number;
  /** Seconds to get most of the way there. */
  seconds: number;
  /** Degrees Celsius that it stands. */
  limit: number;
}

/**
 * A one-node thermal model: C·dT/dt = P − (T − air)/R, solved exactly over each step for the watts at its end.
 */
export class Heat implements Watcher {
  celsius: number;
  most: number;
  private readonly stretches = new Stretches(5);

  constructor(
    readonly node: HeatNode,
    private readonly air: number,
  ) {
    this.celsius = air;
    this.most = air;
  }

  look(moment: Moment): boolean {
    const { watts, kelvinPerWatt, wind, seconds, limit } = this.node;
    const better = wind?.(moment.x) ?? 1;
    const settled = this.air + (watts(moment.x, moment.time, this.celsius) * kelvinPerWatt) / better;
    this.celsius = settled + (this.celsius - settled) * Math.exp((-moment.step * better) / seconds);
    this.most = Math.max(this.most, this.celsius);
    this.stretches.note(this.celsius > limit, moment);
    return false;
  }

  events(): TrialEvent[] {
    const { id, name, limit } = this.node;
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'tooHot',
      subject: id,
      at,
      until,
      words: `The ${name} gets hotter than the ${limit} °C it is taken to stand: up to ${this.most.toFixed(0)} °C.`,
    }));
  }
}
