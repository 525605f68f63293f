import type { PtcFuse } from '../../../physics/network/devices/ptc-fuse';
import { formatQuantity } from '../../../base/quantity/format';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Times its cold ohms at which a resettable fuse counts as open. */
const tripped = 10;

/** A fuse that opens from its own heat: one with a strip for good, a resettable one until it is cool. */
export class FuseGuard implements Watcher {
  private readonly stretches = new Stretches(2);

  constructor(
    private readonly device: PtcFuse,
    private readonly part: { id: string; name: string; amps: number; isResettable: boolean },
  ) {}

  look(moment: Moment): boolean {
    const { device, part } = this;
    const { tripC, rCold } = device.values;
    const celsius = moment.x[device.temperatureIndex]!;
    const blows = !part.isResettable && !device.isBlown && celsius >= tripC;
    const isOpen = device.isBlown || blows || (part.isResettable && device.ohms(celsius) > tripped * rCold);
    if (blows) device.isBlown = true;
    this.stretches.note(isOpen, moment);
    return blows;
  }

  events(): TrialEvent[] {
    const { id, name, amps, isResettable } = this.part;
    const what = isResettable
      ? 'trips: all behind it is as good as dead until it has cooled'
      : 'blows: all behind it is dead';
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'fuse',
      subject: id,
      at,
      until,
      short: `${name}, ${formatQuantity(amps, 'A')}`,
      words: `The ${name}, ${formatQuantity(amps, 'A')}, ${what}.`,
    }));
  }
}
