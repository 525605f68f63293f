import type { Fitted } from '../../build/build-index';
import type { ServoValues } from '../../network/devices/servo';
import { servoFigureAt } from '../../parts/servo-sheet';
import type { Estimates } from '../estimates';

/** What a servo is, without the nodes it stands between and without what it is told. */
export type ServoFigures = Omit<ServoValues, 'id' | 'from' | 'to'>;

/** Sixty degrees in radians. */
const sixtyDegrees = Math.PI / 3;

/**
 * A servo's motor as seen from its shaft, from its sheet at the volts it will have; `undefined` where the
 * sheet states no stall amps, as then nothing can be said of its amps.
 * @param volts on its rail
 */
export function servoFigures(
  { fitting, part }: Fitted<'servo'>,
  volts: number,
  estimates: Estimates,
): ServoFigures | undefined {
  const stallAmps = servoFigureAt(part, 'stallAmps', volts);
  if (!stallAmps) return undefined;
  const of = `of the ${fitting.name}`;
  const stall = estimates.take(`${fitting.id}.stallAmps`, `stall amps ${of}`, stallAmps, {
    ...stallAmps,
    least: 0.8,
    most: 1.25,
    note: '',
  });
  const seconds = estimates.take(
    `${fitting.id}.speed`,
    `seconds for sixty degrees ${of}`,
    servoFigureAt(part, 'sixtyDegreeSeconds', volts),
    { value: 0.16, least: 0.6, most: 1.6, note: 'usual for a standard servo, rule of thumb' },
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
    idleAmps: 0.008,
    band: 0.06,
    omegaEps: 0.1,
  };
}
