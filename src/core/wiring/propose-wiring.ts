import { BuildIndex, type Fitted } from '../build/build-index';
import type { Build } from '../build/build';
import { applyEdits, type Edit } from '../build/edits';
import { freshId } from '../build/fresh-id';
import type { PortRef } from '../build/lead';
import { signalNetOf, terminalsOf } from '../parts/terminals';
import type { PartSpec } from '../parts/part-spec';
import { checkContext } from '../check/check-context';
import { liftRed } from '../rules/offers/lift-red-wire';
import { offerStandAloneBec } from '../rules/offers/stand-alone-bec';
import { strengthOf } from '../rules/support/source-strength';
import { capital, nameList } from '../rules/words';
import { channelPlan } from './channel-plan';
import { connect } from './connect';
import type { Join, Offer, WiringPlan } from './plan';
import { outlets, receiverInlet, wirePower, wireVideoFromRail } from './wire-power';
import { feedRaw, standsRaw } from './raw-feed';

/**
 * A complete wiring for the parts of a build under its schools: power from the pack outwards, motors, receiver
 * ports by channel, red wires. What is wired already stays. Refused steps are left out, and so is what rests
 * on them.
 */
export function proposeWiring(
  build: Build,
  locker: readonly PartSpec[],
  refused: ReadonlySet<string>,
): WiringPlan {
  const plan: WiringPlan = { proposals: [], unsolved: [], build };
  const offer = (id: string, label: string, edits: Edit[]) => {
    const isRefused = refused.has(id);
    plan.proposals.push({ id, label, edits, isRefused });
    if (!isRefused) plan.build = applyEdits(plan.build, edits);
  };
  const join = (id: string, label: string, from: PortRef, to: PortRef) => {
    const edits = connect(plan.build, from, to, locker);
    if (edits) offer(id, edits.length > 1 ? `${label}, with an adapter` : label, edits);
    else plan.unsolved.push(`${label}: no adapter in the locker fits both plugs`);
  };
  for (const { function: one, edit } of channelPlan(build))
    offer(`plan:${one.id}`, planWords(build, one.name, edit), [edit]);
  wirePower(plan, locker, offer, join);
  wireMotors(plan, join);
  wireChannels(plan, locker, offer, join);
  settleRedWires(plan, locker, offer);
  wireVideoFromRail(plan, join);
  return plan;
}

function planWords(build: Build, name: string, edit: Edit): string {
  if (edit.type !== 'setFunction') return name;
  const { channel, control } = edit.change;
  const controls = new BuildIndex(build).ofKind('transmitter').flatMap(({ part }) => part.controls);
  const words = [
    channel === undefined ? '' : `channel ${channel}`,
    control === undefined ? '' : (controls.find((one) => one.id === control)?.name ?? control),
  ];
  return `${name}: ${words.filter(Boolean).join(', ')}`;
}

/** Motors to controllers of their kind, and loads to electronic switches, in order. */
function wireMotors(plan: WiringPlan, join: Join): void {
  const index = new BuildIndex(plan.build);
  const isFree = ({ fitting }: Fitted, port: string) => !index.leadAt({ fitting: fitting.id, port });
  const controllers = index.ofKind('controller').filter((one) => isFree(one, 'motor'));
  for (const motor of index.ofKind('motor').filter((one) => isFree(one, 'motor'))) {
    const at = controllers.findIndex(({ part }) => part.drives === motor.part.motorKind);
    const [controller] = at < 0 ? [] : controllers.splice(at, 1);
    if (!controller)
      plan.unsolved.push(
        `${capital(motor.fitting.name)}: no free controller for a ${motor.part.motorKind} motor`,
      );
    else
      join(
        `motor:${motor.fitting.id}`,
        `${capital(controller.fitting.name)} to the ${motor.fitting.name}, soldered`,
        { fitting: controller.fitting.id, port: 'motor' },
        { fitting: motor.fitting.id, port: 'motor' },
      );
  }
  const switches = index.ofKind('electronicSwitch').filter((one) => isFree(one, 'out'));
  const loads = index
    .ofKind('load')
    .filter(
      (one) =>
        one.part.form !== 'videoSender' &&
        one.part.ports.some((port) => port.use === 'power') &&
        isFree(one, 'power'),
    );
  for (const load of loads) {
    const one = switches.shift();
    if (!one) continue;
    join(
      `load:${load.fitting.id}`,
      `${capital(one.fitting.name)} to the ${load.fitting.name}`,
      { fitting: one.fitting.id, port: 'out' },
      { fitting: load.fitting.id, port: 'power' },
    );
  }
}

/** Each function's parts into the receiver port of its channel; several through a Y-lead. */
function wireChannels(plan: WiringPlan, locker: readonly PartSpec[], offer: Offer, join: Join): void {
  const [receiver] = new BuildIndex(plan.build).ofKind('receiver');
  if (!receiver) return;
  for (const one of plan.build.functions) {
    const index = new BuildIndex(plan.build);
    const port = receiver.part.ports.find((candidate) => candidate.channel === one.channel);
    const waiting = one.devices
      .map((id) => index.get(id))
      .filter(
        ({ fitting, part }) =>
          signalNetOf(part) !== undefined && !index.leadAt({ fitting: fitting.id, port: 'lead' }),
      );
    if (one.channel === undefined || waiting.length === 0) continue;
    const here = { fitting: receiver.fitting.id, port: port?.id ?? '' };
    if (!port || index.leadAt(here)) {
      plan.unsolved.push(
        `${one.name}: ${port ? `port ${port.id} is taken` : `the receiver has no channel ${one.channel}`}`,
      );
      continue;
    }
    const [alone] = waiting;
    const outlet = outlets(index).find(
      (ref) => !index.leadAt(ref) && index.port(ref).connector.family === 'box-25',
    );
    if (
      plan.build.policies.servoFeed === 'raw' &&
      waiting.length === 1 &&
      alone &&
      outlet &&
      standsRaw(index, alone)
    ) {
      const edits = feedRaw(plan.build, alone.fitting.id, here, outlet, locker);
      if (edits) {
        offer(
          `raw:${alone.fitting.id}`,
          `${capital(alone.fitting.name)} straight from the pack, signal from port ${port.id}`,
          edits,
        );
        continue;
      }
    }
    const target = waiting.length > 1 ? yLead(plan, locker, offer, join, one.id, here) : undefined;
    for (const [n, { fitting }] of waiting.entries()) {
      const there = target ? { fitting: target, port: `out ${n + 1}` } : here;
      const place = target ? 'the Y-lead' : `receiver port ${port.id}`;
      const exists = !target || new BuildIndex(plan.build).has(target);
      if (exists && n < 2)
        join(
          `signal:${fitting.id}`,
          `${capital(fitting.name)} into ${place}`,
          { fitting: fitting.id, port: 'lead' },
          there,
        );
      else plan.unsolved.push(`${capital(fitting.name)}: a Y-lead has two sockets`);
    }
  }
}

/** Adds a Y-lead into a receiver port. @returns its fitting id, or nothing where the locker has none */
function yLead(
  plan: WiringPlan,
  locker: readonly PartSpec[],
  offer: Offer,
  join: Join,
  functionId: string,
  port: PortRef,
): string | undefined {
  const part = locker.find((one) => one.kind === 'cable' && one.form === 'yLead');
  if (!part) return undefined;
  const id = freshId(plan.build, `${functionId}-y-lead`);
  const name = `${functionId.replaceAll('-', ' ')} Y-lead`;
  offer(`y-lead:${functionId}`, `Add a ${part.name} for ${functionId.replaceAll('-', ' ')}`, [
    { type: 'addFitting', fitting: { id, name, part: part.id }, part },
  ]);
  if (new BuildIndex(plan.build).has(id))
    join(
      `y-lead-in:${functionId}`,
      `The Y-lead into receiver port ${port.port}`,
      { fitting: id, port: 'in' },
      port,
    );
  return id;
}

/** One source on the radio rail, by the chosen school. */
function settleRedWires(plan: WiringPlan, locker: readonly PartSpec[], offer: Offer): void {
  const standAlone = new BuildIndex(plan.build).ofKind('bec');
  for (const { fitting } of standAlone) plugIn(plan, offer, locker, fitting.id);
  const context = checkContext(plan.build, locker);
  const rail = context.rails.find((one) =>
    one.supplies.some((supply) => supply.fitted.part.kind === 'receiver'),
  );
  const school = plan.build.policies.redWires;
  if (!rail || school === 'parallel') return;
  const hasOwn = rail.sources.some((one) => one.fitted.part.kind === 'bec');
  if (school === 'standAlone' && !hasOwn) {
    const [bec] = offerStandAloneBec(context, rail);
    if (bec) offer('own-bec', bec.label, bec.edits);
    return;
  }
  const strength = (one: (typeof rail.sources)[number]) =>
    (one.fitted.part.kind === 'bec' ? 1000 : 0) + strengthOf(context, one);
  const [keep, ...others] = [...rail.sources].sort((a, b) => strength(b) - strength(a));
  if (!keep || others.length === 0) return;
  const lifts = others.map((one) => liftRed(context, one)).filter((one) => one !== undefined);
  const names = nameList(others.map((one) => `the ${one.fitted.fitting.name}`));
  offer('lift-red', `Lift the red wire of ${names}; the ${keep.fitted.fitting.name} feeds the rail`, lifts);
}

/** A stand-alone BEC's output into the receiver: its power port, or any port left. */
function plugIn(plan: WiringPlan, offer: Offer, locker: readonly PartSpec[], becId: string): void {
  const index = new BuildIndex(plan.build);
  const { part, fitting } = index.get(becId);
  const out = part.ports.find((port) => port.flow === 'out');
  if (!out || !terminalsOf(part).gives || index.leadAt({ fitting: becId, port: out.id })) return;
  const free = receiverInlet(index);
  const edits = free && connect(plan.build, { fitting: becId, port: out.id }, free, locker);
  if (edits) offer(`rail:${becId}`, `${capital(fitting.name)} into receiver port ${free.port}`, edits);
  else plan.unsolved.push(`${capital(fitting.name)}: no receiver port is left for it`);
}
