import { packIn, type PackRole } from './packs';
import { packLabel, controllerLoad } from '../../../judgement/limits/amps';
import { packAllowance } from '../../../reading/circuit/loads';
import { motorSpeedLimit, motorVolts, motorTurns } from '../../../judgement/limits/motor';
import { motorSpeed } from '../../../judgement/rules/motor-speed';
import { smallest, marginBy, ampsMarginBy, alone, between, partIn, rolesOfKind } from './pairs';
import type { PackSpec } from '../../../model/kinds/pack/pack';
import { brushedTurns } from '../../../judgement/rules/brushed-turns';
import { controllerAmps } from '../../../judgement/rules/controller-amps';
import { packAmps as packAmpsRule } from '../../../judgement/rules/pack-amps';
import { canDrive, type ControllerSpec } from '../../../model/kinds/controller/controller';
import type { Reading } from '../../../reading/build-reading/reading';
import { isLithium } from '../../../model/packs/chemistry';
import type { MotorSpec } from '../../../model/kinds/motor/motor';
import { fullThrottle, turnsAtRest } from '../full-throttle';
import type { Assignment, Role, Screen } from '../role';
import { cellsOf } from './pack-volts';
import { packVolts } from '../../../model/packs/pack-volts';

/** Controllers against the motors that they drive, and motors against the pack. */
export function driveScreens(
  { build }: Reading,
  roles: readonly Role[],
  pack: PackRole | undefined,
  controller: number,
  motor: number,
): Screen[] {
  const kinds = between(
    {
      id: `kind:${controller}:${motor}`,
      words: 'kind of motor that the controller drives',
      isMargin: false,
      meets: ({ part }) => (part as ControllerSpec).drives,
      shows: ({ part }) => (part as MotorSpec).motorKind,
    },
    [controller, motor],
    (a, b) => (canDrive(a.part as ControllerSpec, (b.part as MotorSpec).motorKind) ? 1 : -1),
  );
  if (pack === undefined) return [kinds];
  const each = Math.max(1, Math.round(roles[motor]!.fittings.length / roles[controller]!.fittings.length));
  const turns = turnsAtRest(build);
  const three = { roles: [pack.role, controller, motor] };
  const ofThree = (assignment: Assignment) => ({
    source: packIn(assignment, pack),
    drives: partIn<'controller'>(assignment, controller),
    turned: partIn<'motor'>(assignment, motor),
  });
  const ampsOf = (assignment: Assignment): number | undefined => {
    const { source, turned } = ofThree(assignment);
    return source && turned && fullThrottle(turned, packVolts(source, 'full'), turns)?.amps;
  };
  return [
    kinds,
    {
      ...three,
      id: `amps:${controller}:${motor}`,
      words: 'amps of the motor at full throttle on the controller',
      isMargin: true,
      // More amps of a controller are never worse, and fewer of a motor.
      standing: (assignment) => ({
        key: cellsOf(assignment[pack.role]),
        less: [-(ofThree(assignment).drives?.continuousAmps?.value ?? 0), ampsOf(assignment) ?? 0],
      }),
      margin: (assignment) => {
        const limit = ofThree(assignment).drives?.continuousAmps?.value;
        const amps = ampsOf(assignment);
        return amps === undefined || limit === undefined
          ? undefined
          : ampsMarginBy(controllerAmps, controllerLoad(each * amps, limit), 'drive');
      },
    },
    {
      ...three,
      id: `turns:${controller}:${motor}`,
      words: 'turns of the motor on the controller at these cells',
      isMargin: false,
      // More turns are never worse, and a sheet that states none refuses nothing.
      standing: (assignment) => {
        const { drives, turned } = ofThree(assignment);
        return {
          key: `${cellsOf(assignment[pack.role])} ${drives ? JSON.stringify(drives.turnLimits) : ''}`,
          less: [turned ? -(turned.turns?.value ?? Infinity) : 0],
        };
      },
      margin: (assignment) => {
        const { source, drives, turned } = ofThree(assignment);
        const row = source && drives && turned && motorTurns(turned, drives, packVolts(source, 'nominal'));
        return row === undefined || row === 'noRow' ? undefined : marginBy(brushedTurns, row.limit);
      },
    },
    between(
      { id: `speed:${pack.role}:${motor}`, words: 'volts of the pack on the motor', meets: cellsOf },
      [pack.role, motor],
      (a, b) => {
        const full = packVolts(pack.asOne(a.part as PackSpec), 'full');
        const motor = b.part as MotorSpec;
        return smallest(
          marginBy(motorSpeed, motorVolts(motor, full)),
          marginBy(motorSpeed, motorSpeedLimit(motor, full)),
        );
      },
    ),
  ];
}

/** Amps of all drives at full throttle against what the pack's label, derated, allows; lithium packs alone are judged so. */
export function packAmps({ build }: Reading, roles: readonly Role[], pack: PackRole): Screen {
  const motors = rolesOfKind(roles, 'motor');
  const turns = turnsAtRest(build);
  if (motors.length === 0)
    return alone({ id: `label:${pack.role}`, words: 'amps of the pack' }, pack.role, () => undefined);
  const askedOf = (assignment: Assignment): number => {
    const source = packIn(assignment, pack);
    if (!source) return 0;
    const volts = packVolts(source, 'full');
    return motors.reduce((sum, motor) => {
      const part = partIn<'motor'>(assignment, motor);
      return sum + (part ? (fullThrottle(part, volts, turns)?.amps ?? 0) * roles[motor]!.fittings.length : 0);
    }, 0);
  };
  return {
    id: `label:${pack.role}`,
    words: 'amps of the drive at full throttle on the pack',
    roles: [pack.role, ...motors],
    isMargin: true,
    standing: (assignment) => {
      const source = packIn(assignment, pack);
      const allowed = (source?.ampHours?.value ?? 0) * (source?.dischargeRate?.value ?? 0);
      return { key: cellsOf(assignment[pack.role]), less: [-allowed, askedOf(assignment)] };
    },
    margin: (assignment) => {
      const source = packIn(assignment, pack);
      const allowance = source && packAllowance(source, build.policies.labelShare);
      if (!allowance || !isLithium(source.chemistry)) return undefined;
      return ampsMarginBy(
        packAmpsRule,
        packLabel(askedOf(assignment) / pack.beside, allowance.allowed),
        'drive',
      );
    },
  };
}
