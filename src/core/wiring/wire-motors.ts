import type { Fitted } from '../survey/build-index';
import { capital } from '../words/sentences';
import type { WiringDraft } from './draft';

type Motor = Fitted<'motor'>;
type Controller = Fitted<'controller'>;

/** Words that every motor and controller may be called by, and that pair none. */
const common = new Set(['motor', 'controller', 'esc', 'the', 'speed', 'drive', 'mine']);

/** Each motor to a controller of its kind: first those that share a name, then those whose amps suit best. */
export function wireMotors(draft: WiringDraft): void {
  const { index } = draft;
  const isFree = ({ fitting }: Fitted) => draft.isFree({ fitting: fitting.id, port: 'motor' });
  const motors = index.ofKind('motor').filter(isFree);
  const controllers = index.ofKind('controller').filter(isFree);
  const pairs = motors
    .flatMap((motor) =>
      controllers
        .filter(({ part }) => part.drives === motor.part.motorKind)
        .map((controller) => ({ motor, controller, suits: suits(motor, controller) })),
    )
    .sort((a, b) => b.suits - a.suits);
  const taken = new Map<Motor, Controller>();
  for (const { motor, controller } of pairs)
    if (!taken.has(motor) && ![...taken.values()].includes(controller)) taken.set(motor, controller);
  for (const motor of motors) {
    const controller = taken.get(motor);
    if (controller)
      draft.join(
        `motor:${motor.fitting.id}`,
        `${capital(controller.fitting.name)} to the ${motor.fitting.name}, soldered`,
        { fitting: controller.fitting.id, port: 'motor' },
        { fitting: motor.fitting.id, port: 'motor' },
      );
    else
      draft.unsolved.push(
        `${capital(motor.fitting.name)}: no free controller for a ${motor.part.motorKind} motor`,
      );
  }
}

/** How well a controller suits a motor: words of their names first, then whether its amps do, the closer the better. */
function suits(motor: Motor, controller: Controller): number {
  const words = wordsOf(motor);
  const shared = [...wordsOf(controller)].filter((one) => words.has(one)).length;
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
      .filter((one) => one !== '' && !common.has(one)),
  );

/** Pumps, lamps and the like to the electronic switches that work them, by name first. */
export function wireLoads(draft: WiringDraft): void {
  const { index } = draft;
  const switches = index
    .ofKind('electronicSwitch')
    .filter(({ fitting }) => draft.isFree({ fitting: fitting.id, port: 'out' }));
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
    const shares = (one: Fitted) => [...wordsOf(one)].filter((word) => words.has(word)).length;
    const [best] = [...switches].sort((a, b) => shares(b) - shares(a));
    if (!best) continue;
    switches.splice(switches.indexOf(best), 1);
    draft.join(
      `load:${load.fitting.id}`,
      `${capital(best.fitting.name)} to the ${load.fitting.name}`,
      { fitting: best.fitting.id, port: 'out' },
      { fitting: load.fitting.id, port: 'power' },
    );
  }
}
