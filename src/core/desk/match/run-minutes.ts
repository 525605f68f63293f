import { packIn, mainPack } from './screens/packs';
import type { Reading } from '../../reading/build-reading/reading';
import { likelyFullThrottle, turnsAtRest } from './full-throttle';
import type { Assignment, Role, RunMinutes, Screen } from './role';
import { identity, partIn, rolesOfKind } from './screens/pairs';
import { packVolts } from '../../model/packs/pack-volts';

/** Amps of everything but the drive, in the mean: rule of thumb. */
const electronicsAmps = 0.3;

/**
 * Minutes that the usable charge lasts, the drive taking its mean share of full throttle: for comparing while it is
 * searched; what is offered tells the minutes of the usual outing.
 */
export function runMinutesOf(context: Reading, roles: readonly Role[]): RunMinutes {
  const { build } = context;
  const pack = mainPack(context, roles);
  const motors = rolesOfKind(roles, 'motor');
  const { usableShare, meanShare } = build.policies;
  const turns = turnsAtRest(build);
  const minutes = (assignment: Assignment): number => {
    const source = packIn(assignment, pack);
    if (!source?.ampHours) return source ? 0 : Infinity;
    const volts = packVolts(source, 'nominal');
    let amps = electronicsAmps;
    for (const motor of motors) {
      const part = partIn<'motor'>(assignment, motor);
      const full = part ? likelyFullThrottle(part, volts, turns) : 0;
      amps += meanShare * full * roles[motor]!.fittings.length;
    }
    return (60 * source.ampHours.value * usableShare) / amps;
  };
  return {
    roles: [...(pack === undefined ? [] : [pack.role]), ...motors],
    minutes,
    standing: (assignment) => {
      const source = packIn(assignment, pack);
      return {
        key: `${source ? packVolts(source, 'nominal') : ''} ${motors.map((motor) => identity(assignment[motor])).join()}`,
        less: [-(source?.ampHours?.value ?? 0)],
      };
    },
  };
}

/** A pack that lasts as long as it is wished. */
export const lastsLongEnough = ({ roles, minutes, standing }: RunMinutes, least: number): Screen => ({
  id: 'run:minutes',
  words: `a run of ${least} min or more`,
  roles,
  standing,
  isMargin: false,
  isWish: true,
  margin: (assignment) => {
    if (!roles.every((role) => assignment[role])) return undefined;
    const short = least - minutes(assignment);
    return short <= 0 ? 1 : -short / least;
  },
});
