import { canDrive, type ControllerSpec } from '../../../model/parts/controller';
import type { Reading } from '../../../reading/build-reading/reading';
import { isLithium } from '../../../model/packs/chemistry';
import type { MotorSpec } from '../../../model/parts/motor';
import { fullThrottle, turnsAtRest } from '../full-throttle';
import type { Assignment, Role, Screen } from '../role';
import { alone, ampsMargin, between, marginBelow, partIn, rolesOfKind } from './pairs';
import { cellsOf } from './pack-volts';
import { packVolts } from '../../../model/packs/pack-volts';

/** Controllers against the motors that they drive, and motors against the pack. */
export function driveScreens(
  { build }: Reading,
  roles: readonly Role[],
  pack: number | undefined,
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
  const three = { roles: [pack, controller, motor] };
  const ofThree = (assignment: Assignment) => ({
    source: partIn<'pack'>(assignment, pack),
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
        key: cellsOf(assignment[pack]),
        less: [-(ofThree(assignment).drives?.continuousAmps?.value ?? 0), ampsOf(assignment) ?? 0],
      }),
      margin: (assignment) => {
        const limit = ofThree(assignment).drives?.continuousAmps?.value;
        const amps = ampsOf(assignment);
        return amps === undefined || limit === undefined ? undefined : ampsMargin(each * amps, limit);
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
          key: `${cellsOf(assignment[pack])} ${drives ? JSON.stringify(drives.turnLimits) : ''}`,
          less: [turned ? -(turned.turns?.value ?? Infinity) : 0],
        };
      },
      margin: (assignment) => {
        const { source, drives, turned } = ofThree(assignment);
        if (!source || !drives?.turnLimits?.length || !turned?.turns) return undefined;
        const row = [...drives.turnLimits]
          .sort((a, b) => a.cells - b.cells)
          .find(
            ({ cells }) =>
              packVolts({ chemistry: 'LiPo', cells }, 'nominal') >= packVolts(source, 'nominal') * 0.98,
          );
        return row && turned.turns.value < row.turns.value ? -1 : undefined;
      },
    },
    between(
      { id: `speed:${pack}:${motor}`, words: 'volts of the pack on the motor', meets: cellsOf },
      [pack, motor],
      (a, b) => {
        const { maxVolts } = b.part as MotorSpec;
        return a.part.kind === 'pack' && maxVolts
          ? marginBelow(packVolts(a.part, 'nominal'), maxVolts.value)
          : undefined;
      },
    ),
  ];
}

/** Amps of all drives at full throttle against what the pack's label, derated, allows; lithium packs alone are judged so. */
export function packAmps({ build }: Reading, roles: readonly Role[], pack: number): Screen {
  const motors = rolesOfKind(roles, 'motor');
  const turns = turnsAtRest(build);
  if (motors.length === 0)
    return alone({ id: `label:${pack}`, words: 'amps of the pack' }, pack, () => undefined);
  const askedOf = (assignment: Assignment): number => {
    const source = partIn<'pack'>(assignment, pack);
    if (!source) return 0;
    const volts = packVolts(source, 'full');
    return motors.reduce((sum, motor) => {
      const part = partIn<'motor'>(assignment, motor);
      return sum + (part ? (fullThrottle(part, volts, turns)?.amps ?? 0) * roles[motor]!.fittings.length : 0);
    }, 0);
  };
  return {
    id: `label:${pack}`,
    words: 'amps of the drive at full throttle on the pack',
    roles: [pack, ...motors],
    isMargin: true,
    standing: (assignment) => {
      const source = partIn<'pack'>(assignment, pack);
      const allowed = (source?.ampHours?.value ?? 0) * (source?.dischargeRate?.value ?? 0);
      return { key: cellsOf(assignment[pack]), less: [-allowed, askedOf(assignment)] };
    },
    margin: (assignment) => {
      const source = partIn<'pack'>(assignment, pack);
      if (!source?.ampHours || !source.dischargeRate || !isLithium(source.chemistry)) return undefined;
      return ampsMargin(
        askedOf(assignment),
        source.ampHours.value * source.dischargeRate.value * build.policies.labelShare,
      );
    },
  };
}
