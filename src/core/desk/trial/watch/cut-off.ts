import type { Controller } from '../../../physics/network/devices/controller';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Seconds that volts must stay low before a controller believes them: rule of thumb. */
const patience = 0.5;
/** Throttle under which a controller that has cut off lets go again. */
const released = 0.05;

interface CutOffParts {
  controller: { id: string; name: string };
  drive: Controller;
  /** Volts of the whole pack under which it cuts off. */
  threshold: number;
  volts: (x: Float64Array) => number;
}

/** A controller that stops its motor to save the pack, until its throttle has been at zero. */
export class CutOff implements Watcher {
  private readonly stretches = new Stretches(0);
  private lowSince: number | undefined;

  constructor(private readonly parts: CutOffParts) {}

  look(moment: Moment): boolean {
    const { drive, threshold, volts } = this.parts;
    const was = drive.isCut;
    if (drive.isCut) {
      if (Math.abs(drive.askedAt(moment.time)) < released) drive.isCut = false;
    } else if (volts(moment.x) < threshold && drive.askedAt(moment.time) !== 0) {
      this.lowSince ??= moment.time;
      if (moment.time - this.lowSince >= patience) drive.isCut = true;
    } else this.lowSince = undefined;
    if (drive.isCut !== was) this.lowSince = undefined;
    this.stretches.note(drive.isCut, moment);
    return drive.isCut !== was;
  }

  events(): TrialEvent[] {
    const { controller, threshold } = this.parts;
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'cutOff',
      subject: controller.id,
      at,
      until,
      words: `The ${controller.name} cuts its motor off: under ${threshold.toFixed(1)} V at its input for half a second.`,
    }));
  }
}
