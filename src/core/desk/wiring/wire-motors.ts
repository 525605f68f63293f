import { canDrive } from '../../model/kinds/controller/controller';
import type { CableSpec } from '../../model/kinds/cable/cable';
import { coilPort, isRelay } from '../../model/kinds/electronic-switch/electronic-switch';
import type { PartSpec } from '../../model/kinds/part-spec';
import { freshId } from '../../model/plan/fresh-id';
import type { PortRef } from '../../model/plan/lead';
import type { Fitted } from '../../model/kinds/fitted';
import { capital, nameList } from '../../base/words/sentences';
import type { WiringDraft } from './draft';
import { motorPort, switchedPort } from '../../reading/survey/own-ports';

type Motor = Fitted<'motor'>;
type Controller = Fitted<'controller'>;

/** Words that every motor and controller may be called by, and that pair none. */
const common = new Set(['motor', 'controller', 'esc', 'the', 'speed', 'drive', 'mine']);

/** Each motor to a controller of its kind: by name, then by amps; twins on one controller where there is no other. */
export function wireMotors(draft: WiringDraft): void {
  const { index } = draft;
  const isFree = (fitted: Motor | Controller) => {
    const port = motorPort(fitted);
    return port !== undefined && draft.isFree(port);
  };
  const motors = index.ofKind('motor').filter(isFree);
  const controllers = index.ofKind('controller').filter(isFree);
  const pairs = motors
    .flatMap((motor) =>
      controllers
        .filter(({ part }) => canDrive(part, motor.part.motorKind))
        .map((controller) => ({ motor, controller, suits: suits(motor, controller) })),
    )
    .sort((a, b) => b.suits - a.suits);
  const served = new Map<Controller, Motor[]>();
  const isServed = (motor: Motor) => [...served.values()].some((all) => all.includes(motor));
  for (const { motor, controller } of pairs)
    if (!isServed(motor) && !served.has(controller)) served.set(controller, [motor]);
  for (const motor of motors.filter((candidate) => !isServed(candidate))) {
    const shared = [...served].find(([controller, [first, ...more]]) =>
      first && more.length === 0 ? canShare(controller, first, motor) : false,
    );
    if (shared) shared[1].push(motor);
    else
      draft.unsolved.push(
        `${capital(motor.fitting.name)}: no free controller for a ${motor.part.motorKind} motor`,
      );
  }
  for (const [controller, all] of served) joinMotors(draft, controller, all);
  // Where a motor is left over as well, that is told of the motor.
  const idle = motors.every(isServed) ? controllers.filter((controller) => !served.has(controller)) : [];
  for (const { fitting } of idle) draft.unsolved.push(`${capital(fitting.name)}: no motor is fitted for it`);
}

/** Two brushed motors of one sheet run side by side on a controller that stands both. */
function canShare({ part }: Controller, first: Motor, second: Motor): boolean {
  const asked = second.part.fullLoadAmps?.value;
  return (
    second.part.motorKind === 'brushed' &&
    first.part.id === second.part.id &&
    asked !== undefined &&
    part.continuousAmps !== undefined &&
    part.continuousAmps.value >= 2 * asked
  );
}

/** A controller's motor wires to its motor, or to two through a Y-lead. */
function joinMotors(draft: WiringDraft, controller: Controller, motors: readonly Motor[]): void {
  const { id, name } = controller.fitting;
  const from = motorPort(controller)!;
  const [only] = motors;
  if (only && motors.length === 1) {
    draft.join(
      `motor:${only.fitting.id}`,
      `${capital(name)} to the ${only.fitting.name}, soldered`,
      from,
      motorPort(only)!,
    );
    return;
  }
  const y = motorYLead(draft, name);
  if (!y) {
    const names = motors.map((motor) => `the ${motor.fitting.name}`);
    draft.unsolved.push(`${capital(nameList(names))}: a Y-lead for motors is wanted`);
    return;
  }
  if (!draft.join(`motor-y:${id}`, `${capital(name)} to the ${y.name}, soldered`, from, y.inlet)) return;
  for (const [n, motor] of motors.entries()) {
    const { fitting } = motor;
    const label = `The ${y.name} to the ${fitting.name}, soldered`;
    draft.join(`motor:${fitting.id}`, label, y.outlets[n]!, motorPort(motor)!);
  }
}

/** A Y-lead for motors: one that is fitted and free, or one of the locker's. */
function motorYLead(
  draft: WiringDraft,
  controller: string,
): { name: string; inlet: PortRef; outlets: PortRef[] } | undefined {
  const fitted = draft.index
    .ofKind('cable')
    .find(({ fitting, part }) => isMotorY(part) && draft.index.leadsOf(fitting.id).length === 0);
  const part = fitted?.part ?? draft.locker.find(isMotorY);
  if (!part) return undefined;
  const id = fitted?.fitting.id ?? freshId(draft.build, 'motor-y-lead');
  const name = fitted?.fitting.name ?? 'motor Y-lead';
  const isThere =
    fitted !== undefined ||
    draft.offer(`add:${id}`, `Add a ${part.name} behind the ${controller}`, [
      { type: 'addFitting', fitting: { id, name, part: part.id }, part },
    ]);
  const at = (flow: 'in' | 'out') =>
    part.ports.filter((port) => port.flow === flow).map((port) => ({ fitting: id, port: port.id }));
  const [inlet] = at('in');
  return isThere && inlet ? { name, inlet, outlets: at('out') } : undefined;
}

const isMotorY = (part: PartSpec): part is CableSpec =>
  part.kind === 'cable' && part.form === 'yLead' && part.ports.every((port) => port.use === 'motor');

/** How well a controller suits a motor: words of their names first, then whether its amps do, the closer the better. */
function suits(motor: Motor, controller: Controller): number {
  const words = wordsOf(motor);
  const shared = [...wordsOf(controller)].filter((text) => words.has(text)).length;
  const asked = (motor.part.fullLoadAmps ?? motor.part.stallAmps)?.value;
  const given = controller.part.continuousAmps?.value;
  const room = asked && given ? Math.log(given / asked) : 0;
  return 100 * shared + (room < 0 ? -50 : 0) - Math.abs(room);
}

const wordsOf = ({ fitting }: Fitted): Set<string> =>
  new Set(
    fitting.name
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
      .filter((text) => text !== '' && !common.has(text)),
  );

/** Pumps, lamps and the like to the electronic switches that work them, by name first. */
export function wireLoads(draft: WiringDraft): void {
  const { index } = draft;
  const switches = index.ofKind('electronicSwitch').filter((each) => {
    const port = switchedPort(each);
    return port !== undefined && draft.isFree(port);
  });
  const loads = index
    .ofKind('load')
    .filter(
      ({ fitting, part }) =>
        part.form !== 'videoSender' &&
        part.ports.some((port) => port.use === 'power') &&
        draft.isFree({ fitting: fitting.id, port: 'power' }),
    );
  for (const load of loads) {
    const words = wordsOf(load);
    const shares = (fitted: Fitted) => [...wordsOf(fitted)].filter((word) => words.has(word)).length;
    const [best] = [...switches].sort((a, b) => shares(b) - shares(a));
    if (!best) continue;
    switches.splice(switches.indexOf(best), 1);
    draft.join(
      `load:${load.fitting.id}`,
      `${capital(best.fitting.name)} to the ${load.fitting.name}`,
      switchedPort(best)!,
      { fitting: load.fitting.id, port: 'power' },
    );
  }
  for (const { fitting, part } of index.ofKind('electronicSwitch'))
    if (isRelay(part) && draft.isFree({ fitting: fitting.id, port: coilPort }))
      draft.unsolved.push(
        `Coil of the ${fitting.name}: join it by hand to the pin or the switch that is to work it`,
      );
}
