import type { TrialEvent } from '../trial-result';
import type { Heat } from './heat';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Kelvin that a part cools before it comes back: rule of thumb. */
const hysteresis = 20;

/** Something that stops giving from its own heat. */
interface Guarded {
  isShut: boolean;
}

/** A linear BEC or a controller that protects itself: too hot it gives nothing, and once cooler it comes back by itself. */
export class ShutDown implements Watcher {
  private readonly stretches = new Stretches(0);

  /** @param heat looks at each moment before this does @param loss what stops: `the rail is dead` */
  constructor(
    private readonly device: Guarded,
    private readonly heat: Heat,
    private readonly part: { id: string; name: string; loss: string },
  ) {}

  look(moment: Moment): boolean {
    const { device, heat } = this;
    const { limit } = heat.node;
    const was = device.isShut;
    if (heat.celsius >= limit) device.isShut = true;
    else if (heat.celsius < limit - hysteresis) device.isShut = false;
    this.stretches.note(device.isShut, moment);
    return device.isShut !== was;
  }

  events(): TrialEvent[] {
    const { id, name, loss } = this.part;
    const { limit } = this.heat.node;
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'shutDown',
      subject: id,
      at,
      until,
      short: `${name}, ${limit} °C`,
      words: `The ${name} shuts down at ${limit} °C: ${loss} until it has cooled by ${hysteresis} °C.`,
    }));
  }
}
