import { trackOf, type TrackPoints } from '../track';

/** How a controller passes its throttle on, where it is not the plain one, which brakes and gives nothing back. */
export interface DutyManner {
  /** Lets the motor run free while the throttle is reduced or at neutral. */
  freewheel?: boolean;
  /** Switches both ways, so that braking gives current back to the pack. */
  synchronous?: boolean;
}

/** Throttle below which a controller that lets its motor run free takes it for neutral. */
const neutralBand = 0.02;

/** Volts under which a controller's input is not divided by. */
const leastVolts = 0.5;

/** Amps passed on and taken for them, with their slopes by input volts and by the volts that stand against them. */
export interface Passed {
  out: number;
  outByInput: number;
  outByAgainst: number;
  taken: number;
  takenByInput: number;
  takenByAgainst: number;
}

/**
 * What a controller passes at some throttle and what it takes for it, into `passed`.
 * Plain: Im = (duty·Vin − E)/R, Iin = max(0, duty·Im). Synchronous: the same, Iin of either sign. Running free:
 * Im never against the throttle; at neutral Im = −brake·E/R, of whose power the share 1 − brake goes back.
 * @param duty −1 to 1
 * @param input volts at its input
 * @param against volts that stand against it: a motor's own, or those at its output
 * @param ohms in the way
 * @param brake share of full braking at neutral, 0 to 1
 */
export function passOn(
  { freewheel, synchronous }: DutyManner,
  duty: number,
  input: number,
  against: number,
  ohms: number,
  brake: number,
  passed: Passed,
): void {
  if (freewheel && Math.abs(duty) < neutralBand) {
    passed.out = (-brake * against) / ohms;
    passed.outByInput = 0;
    passed.outByAgainst = -brake / ohms;
    const volts = Math.max(input, leastVolts);
    passed.taken = ((1 - brake) * against * passed.out) / volts;
    passed.takenByInput = input > leastVolts ? -passed.taken / volts : 0;
    passed.takenByAgainst = (2 * (1 - brake) * passed.out) / volts;
    return;
  }
  const raw = (duty * input - against) / ohms;
  const isBlocked = freewheel === true && raw * duty <= 0;
  const isTaking = synchronous === true || (!isBlocked && raw * duty > 0);
  passed.out = isBlocked ? 0 : raw;
  passed.outByInput = isBlocked ? 0 : duty / ohms;
  passed.outByAgainst = isBlocked ? 0 : -1 / ohms;
  passed.taken = isTaking ? duty * raw : 0;
  passed.takenByInput = isTaking ? (duty * duty) / ohms : 0;
  passed.takenByAgainst = isTaking ? -duty / ohms : 0;
}

/** Room for what is passed, kept from look to look. */
export const nothingPassed = (): Passed => ({
  out: 0,
  outByInput: 0,
  outByAgainst: 0,
  taken: 0,
  takenByInput: 0,
  takenByAgainst: 0,
});

/** Times at which a throttle enters or leaves neutral: where a motor that runs free is let go or taken hold of. */
function neutralCrossings(points: TrackPoints): number[] {
  return points.slice(1).flatMap(([until, to], n) => {
    const [from, value] = points[n]!;
    return [neutralBand, -neutralBand].flatMap((edge) =>
      (value - edge) * (to - edge) < 0 ? [from + ((edge - value) / (to - value)) * (until - from)] : [],
    );
  });
}

/** Times at which a throttle bends, and, where its motor runs free at neutral, comes to neutral or leaves it. */
export function breakpointsOf({
  duty,
  freewheel,
}: Pick<DutyManner, 'freewheel'> & { duty: number | TrackPoints }): readonly number[] {
  const bends = trackOf(duty).breakpoints;
  return freewheel && typeof duty !== 'number'
    ? [...bends, ...neutralCrossings(duty)].sort((a, b) => a - b)
    : bends;
}
