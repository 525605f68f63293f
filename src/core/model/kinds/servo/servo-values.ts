import { servoConstants, type ServoValues } from '../../../physics/network/devices/servo';
import type { ServoSpec } from './servo';
import { servoFigureAt } from './servo-sheet';
import { estimated, type Figure } from '../../../base/validation/figure';
import type { Fitted } from '../fitted';
import { defaults, stallAmps } from '../defaults';
import type { Estimates } from '../estimates';
import { usualStall } from './usual-servo';

/** What a servo is, without the nodes it stands between and without what it is told. */
export type ServoFigures = Omit<ServoValues, 'id' | 'from' | 'to'>;

/** Sixty degrees in radians. */
const sixtyDegrees = Math.PI / 3;

/** Share of stall that a moving servo draws where its sheet does not say: a rule of thumb. */
const runningShareOfStall = 0.2;

/** Amps that its electronics draw standing by. */
const idleAmps = 0.008;

/** Stall amps at some volts by the sheet, or from its torque and speed; `undefined` where it states too little. */
export function servoStalled(part: ServoSpec, volts: number): Figure | undefined {
  const printed = servoFigureAt(part, 'stallAmps', volts);
  if (printed) return printed;
  const torque = servoFigureAt(part, 'stallNewtonMetres', volts);
  const seconds = servoFigureAt(part, 'sixtyDegreeSeconds', volts);
  if (!torque || !seconds) return undefined;
  const { value, note } = stallAmps(torque.value, sixtyDegrees / seconds.value, volts);
  return estimated(value, note);
}

/** Amps while moving its usual load: by the sheet, or a fifth of stall. */
export const servoRunning = (part: ServoSpec, volts: number, stalled: Figure): Figure =>
  servoFigureAt(part, 'runningAmps', volts) ??
  estimated(stalled.value * runningShareOfStall, 'a fifth of stall, rule of thumb');

/**
 * A servo's motor as seen from its shaft, from its sheet at the volts it will have; `undefined` where nothing
 * can be said of its amps.
 * @param volts on its rail
 * @param presumes whether what is usual for its class stands in for a silent sheet
 */
export function servoFigures(
  { fitting, part }: Fitted<'servo'>,
  volts: number,
  estimates: Estimates,
  presumes = false,
): ServoFigures | undefined {
  const printed = servoStalled(part, volts);
  if (!printed && !presumes) return undefined;
  const of = `of the ${fitting.name}`;
  const isGuess = servoFigureAt(part, 'stallAmps', volts) === undefined;
  const stall = !printed
    ? estimates.take(`${fitting.id}.stallAmps`, `stall amps ${of}`, undefined, usualStall(part, volts))
    : isGuess
      ? estimates.take(`${fitting.id}.stallAmps`, `stall amps ${of}`, undefined, {
          value: printed.value,
          least: 1.2 / 1.8,
          most: 2.7 / 1.8,
          note: printed.note ?? '',
        })
      : estimates.take(`${fitting.id}.stallAmps`, `stall amps ${of}`, printed, {
          value: printed.value,
          least: 0.8,
          most: 1.25,
          note: '',
        });
  const seconds = estimates.take(
    `${fitting.id}.speed`,
    `seconds for sixty degrees ${of}`,
    servoFigureAt(part, 'sixtyDegreeSeconds', volts),
    defaults.servoSeconds,
  );
  return {
    refVolts: volts,
    stallAmps: stall,
    stallTorque: estimates.take(
      `${fitting.id}.torque`,
      `stall torque ${of}`,
      servoFigureAt(part, 'stallNewtonMetres', volts),
      { value: 0.36 * stall, least: 0.7, most: 1.4, note: 'from its stall amps, rule of thumb' },
    ),
    noLoadSpeed: sixtyDegrees / seconds,
    noLoadAmps: estimates.take(`${fitting.id}.noLoadAmps`, `amps with nothing to move ${of}`, undefined, {
      value: 0.12 * stall,
      least: 0.6,
      most: 1.5,
      note: 'an eighth of stall, rule of thumb',
    }),
    timeConstant: 0.025,
    idleAmps,
    band: 0.06,
    omegaEps: 0.1,
  };
}

/** Torque that a servo holds while it draws what its sheet says it draws moving. */
export function heldTorque(part: ServoSpec, figures: ServoFigures): number {
  const running = servoRunning(part, figures.refVolts, estimated(figures.stallAmps, ''));
  const { kt } = servoConstants({ id: '', from: '', ...figures });
  return Math.max(running.value - figures.idleAmps, 0) * kt;
}
