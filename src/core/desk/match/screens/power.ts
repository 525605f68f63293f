import { railRole } from './rail';
import { drinksFrom, mainPack, packRoles, type PackRole } from './packs';
import { controllerVolts } from '../../../judgement/rules/controller-volts';
import { marginBy, alone, between, rolesOfKind } from './pairs';
import { cellsOnController } from '../../../judgement/limits/volts';
import { cannotSpare } from '../../../judgement/limits/cut-off';
import { rawFedVolts } from '../../../judgement/rules/raw-fed-volts';
import type { Reading } from '../../../reading/build-reading/reading';
import { isLithium } from '../../../model/packs/chemistry';
import type { ControllerSpec } from '../../../model/kinds/controller/controller';
import type { PackSpec } from '../../../model/kinds/pack/pack';
import type { Role, Screen } from '../role';
import { driveScreens, packAmps } from './drive';
import { cellsOf, listens, packOnInput } from './pack-volts';

/** Packs against controllers, BECs, motors and what is fed raw; controllers against motors; packs against all amps. */
export function powerScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const packs = packRoles(context, roles);
  const main = mainPack(context, roles);
  const rail = railRole(context.survey, roles);
  const controllers = rolesOfKind(roles, 'controller');
  const motors = rolesOfKind(roles, 'motor');
  const drinks = (pack: PackRole) => (consumer: number) => drinksFrom(context, roles, pack, consumer);
  return [
    ...packs.flatMap((pack) => [
      ...controllers.filter(drinks(pack)).map((controller) =>
        between(
          {
            id: `volts:${pack.role}:${controller}`,
            words: 'volts of the pack on the controller',
            meets: cellsOf,
          },
          [pack.role, controller],
          (a, b) => packOnController(pack.asOne(a.part as PackSpec), b.part as ControllerSpec),
        ),
      ),
      ...rolesOfKind(roles, 'bec')
        .filter(drinks(pack))
        .map((bec) =>
          between(
            { id: `volts:${pack.role}:${bec}`, words: 'volts of the pack on the BEC', meets: cellsOf },
            [pack.role, bec],
            (a, b) => packOnInput(rawFedVolts, pack.asOne(a.part as PackSpec), b.part),
          ),
        ),
      ...(['load', 'servo', 'electronicSwitch'] as const)
        .flatMap((kind) => rolesOfKind(roles, kind))
        // A pack that is the rail itself is judged as one.
        .filter((load) => rail !== pack.role && isFedRaw(context, roles[load]!) && drinks(pack)(load))
        .map((load) =>
          between(
            {
              id: `volts:${pack.role}:${load}`,
              words: `volts of the pack on the ${roles[load]!.name}`,
              meets: cellsOf,
            },
            [pack.role, load],
            (a, b) => packOnInput(rawFedVolts, pack.asOne(a.part as PackSpec), b.part),
          ),
        ),
    ]),
    ...motors.flatMap((motor) => {
      const controller = controllerFor(context, roles, motor);
      return controller === undefined ? [] : driveScreens(context, roles, main, controller, motor);
    }),
    ...(main ? [packAmps(context, roles, main)] : []),
    // Lithium cells want something that lets go before they are ruined: a controller does.
    ...packs
      .filter((pack) => !controllers.some(drinks(pack)))
      .map(({ role }) =>
        alone(
          { id: `cutoff:${role}`, words: 'something that ends the discharge of the pack', isMargin: false },
          role,
          ({ part }) => (isLithium((part as PackSpec).chemistry) ? -1 : 1),
        ),
      ),
  ];
}

/** The controllers of a motor's role: those that it is wired to, or the only ones there are. */
function controllerFor({ survey }: Reading, roles: readonly Role[], motor: number): number | undefined {
  const wired = roles[motor]!.fittings.map((id) => survey.controllerOf(id)?.fitting.id);
  const controllers = rolesOfKind(roles, 'controller');
  return (
    controllers.find((n) => roles[n]!.fittings.some((id) => wired.includes(id))) ??
    controllers[rolesOfKind(roles, 'motor').indexOf(motor)] ??
    controllers[0]
  );
}

/** Whether the parts of a role take what the pack gives: not those that hang on a channel or on a regulator. */
function isFedRaw({ survey }: Reading, { fittings, candidates }: Role): boolean {
  const sources = fittings.flatMap((id) => survey.supplyOf(id)?.sources ?? []);
  if (sources.length > 0) return sources.every((source) => source.fitted.kind === 'pack');
  return candidates.every(
    ({ part }) => part.kind === 'load' && part.form !== 'videoSender' && !listens(part),
  );
}

function packOnController(pack: PackSpec, controller: ControllerSpec): number | undefined {
  if (cannotSpare(controller, pack.chemistry)) return -1;
  const cells = cellsOnController(controller, pack);
  return cells ? marginBy(controllerVolts, cells) : packOnInput(controllerVolts, pack, controller);
}
