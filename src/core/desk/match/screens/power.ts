import type { Reading } from '../../../reading/build-reading/reading';
import { isLithium } from '../../../model/packs/chemistry';
import type { ControllerSpec } from '../../../model/parts/controller';
import type { PackSpec } from '../../../model/parts/pack';
import type { Role, Screen } from '../role';
import { driveScreens, packAmps } from './drive';
import { cellsOf, listens, packOnInput } from './pack-volts';
import { alone, between, rolesOfKind } from './pairs';

/** Packs against controllers, BECs, motors and what is fed raw; controllers against motors; packs against all amps. */
export function powerScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const packs = rolesOfKind(roles, 'pack');
  const controllers = rolesOfKind(roles, 'controller');
  const motors = rolesOfKind(roles, 'motor');
  return [
    ...packs.flatMap((pack) => [
      ...controllers.map((controller) =>
        between(
          { id: `volts:${pack}:${controller}`, words: 'volts of the pack on the controller', meets: cellsOf },
          [pack, controller],
          (a, b) => packOnController(a.part as PackSpec, b.part as ControllerSpec),
        ),
      ),
      ...rolesOfKind(roles, 'bec').map((bec) =>
        between(
          { id: `volts:${pack}:${bec}`, words: 'volts of the pack on the BEC', meets: cellsOf },
          [pack, bec],
          (a, b) => {
            if (b.part.kind !== 'bec') return undefined;
            return packOnInput(a.part as PackSpec, b.part.minInputVolts?.value, b.part.maxInputVolts?.value);
          },
        ),
      ),
      ...rolesOfKind(roles, 'load')
        .filter((load) => isFedRaw(context, roles[load]!))
        .map((load) =>
          between(
            {
              id: `volts:${pack}:${load}`,
              words: `volts of the pack on the ${roles[load]!.name}`,
              meets: cellsOf,
            },
            [pack, load],
            (a, b) =>
              b.part.kind === 'load'
                ? packOnInput(a.part as PackSpec, b.part.minVolts?.value, b.part.maxVolts?.value)
                : undefined,
          ),
        ),
    ]),
    ...motors.flatMap((motor) => {
      const controller = controllerFor(context, roles, motor);
      return controller === undefined ? [] : driveScreens(context, roles, packs[0], controller, motor);
    }),
    ...packs.map((pack) => packAmps(context, roles, pack)),
    // Lithium cells want something that lets go before they are ruined: a controller does.
    ...(controllers.length > 0
      ? []
      : packs.map((pack) =>
          alone(
            { id: `cutoff:${pack}`, words: 'something that ends the discharge of the pack', isMargin: false },
            pack,
            ({ part }) => (isLithium((part as PackSpec).chemistry) ? -1 : 1),
          ),
        )),
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

/** Whether the loads of a role take what the pack gives: not those that hang on a channel or on a regulator. */
function isFedRaw({ survey }: Reading, { fittings, candidates }: Role): boolean {
  const sources = fittings.flatMap((id) => survey.supplyOf(id)?.sources ?? []);
  if (sources.length > 0) return sources.every((source) => source.fitted.kind === 'pack');
  return candidates.every(
    ({ part }) => part.kind === 'load' && part.form !== 'videoSender' && !listens(part),
  );
}

function packOnController(pack: PackSpec, controller: ControllerSpec): number | undefined {
  const limit = controller.cellLimits?.find(({ chemistry }) => chemistry === pack.chemistry);
  if (limit) return pack.cells <= limit.most && pack.cells >= (limit.least ?? 1) ? 0.05 : -1;
  const volts = packOnInput(pack, controller.minInputVolts?.value, controller.maxInputVolts?.value);
  // A lithium pack wants a controller that lets go before it is ruined.
  const hasCutOff =
    !isLithium(pack.chemistry) || !controller.cutoffModes || controller.cutoffModes.includes(pack.chemistry);
  return hasCutOff ? volts : -1;
}
