import type { Reading } from '../../reading/build-reading/reading';
import type { Controller } from '../../physics/network/devices/controller';
import type { MovingServo } from '../../physics/network/devices/servo';
import type { Fitted } from '../../model/kinds/fitted';
import { usualFloor } from '../../model/kinds/receiver/usual-receiver';
import { BrownOut } from './watch/brown-out';

/** A receiver with the volts it has and those it needs. */
export interface WatchedReceiver {
  fitted: Fitted<'receiver'>;
  floor: number;
  volts: (x: Float64Array) => number;
}

/** The receivers of a build, each with its floor; a second one is as easily browned out as the first. */
export const watchedReceivers = (
  { index }: Pick<Reading, 'index'>,
  across: (fitting: string, plus: string, minus: string) => (x: Float64Array) => number,
): WatchedReceiver[] =>
  index.ofKind('receiver').map((fitted) => ({
    fitted,
    floor: fitted.part.minVolts?.value ?? usualFloor,
    volts: across(fitted.fitting.id, 'rail', 'ground'),
  }));

/**
 * A watch over each receiver: when it is down, the parts that listen to it are let go. A build's only receiver is
 * taken to work all its parts, since what is not plugged in yet is tried as if it were. Without any receiver, one
 * watch holds everything still.
 */
export function brownOuts(
  { survey }: Pick<Reading, 'survey'>,
  receivers: readonly WatchedReceiver[],
  servos: readonly { fitted: Fitted<'servo'>; device: MovingServo }[],
  controllers: readonly { fitted: Fitted<'controller'>; device: Controller }[],
): BrownOut[] {
  if (receivers.length === 0) {
    const all = {
      servos: servos.map(({ device }) => device),
      drives: controllers.map(({ device }) => device),
    };
    return [new BrownOut({ receiver: undefined, volts: () => 0, ...all })];
  }
  const [first] = receivers;
  return receivers.map(({ fitted, floor, volts }) => {
    const { id, name } = fitted.fitting;
    const hears = (part: Fitted): boolean => {
      const own = survey.signalOf(part.fitting.id)?.receiver.fitting.id ?? first!.fitted.fitting.id;
      return receivers.length === 1 || own === id;
    };
    return new BrownOut({
      receiver: { id, name, floor },
      volts,
      servos: servos.filter((servo) => hears(servo.fitted)).map(({ device }) => device),
      drives: controllers.filter((controller) => hears(controller.fitted)).map(({ device }) => device),
    });
  });
}
