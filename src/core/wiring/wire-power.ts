import { BuildIndex, type Fitted } from '../build/build-index';
import { freshId } from '../build/fresh-id';
import type { PortRef } from '../build/lead';
import type { PartSpec } from '../parts/part-spec';
import { capital } from '../rules/words';
import type { Join, Offer, WiringPlan } from './plan';

/** Everything that takes raw power, from the pack, through a harness where there are several. */
export function wirePower(plan: WiringPlan, locker: readonly PartSpec[], offer: Offer, join: Join): void {
  const index = new BuildIndex(plan.build);
  const [pack] = index.ofKind('pack');
  const takers = index.all().flatMap((fitted) => rawInlets(index, fitted));
  if (!pack) return;
  const out = { fitting: pack.fitting.id, port: pack.part.ports[0]?.id ?? 'out' };
  if (index.port(out).use === 'servo') {
    const inlet = receiverInlet(index);
    if (inlet && !index.leadAt(out))
      join('feed:receiver', `${capital(pack.fitting.name)} into receiver port ${inlet.port}`, out, inlet);
    return;
  }
  if (takers.length === 0) return;
  const large = takers.filter((one) => index.port(one).connector.family !== 'box-25');
  if (takers.length === 1 && large.length === 1 && !index.leadAt(out)) {
    join('feed:pack', feedWords(index, pack, takers[0]!), out, takers[0]!);
    return;
  }
  if (!outlets(index).some((ref) => !index.leadAt(ref))) {
    const harness = locker.find(
      (part) =>
        part.kind === 'cable' && part.form === 'harness' && part.ports.some((port) => port.id === 'in'),
    );
    if (!harness) {
      plan.unsolved.push('Several parts want power from the pack, and the locker has no harness');
      return;
    }
    const id = freshId(plan.build, 'harness');
    offer('harness', `Add a ${harness.name}`, [
      { type: 'addFitting', fitting: { id, name: 'power harness', part: harness.id }, part: harness },
    ]);
  }
  const withHarness = new BuildIndex(plan.build);
  const inlet = withHarness
    .ofKind('cable')
    .filter(({ part }) => part.form === 'harness' && part.ports.some((port) => port.id === 'in'))
    .map(({ fitting }) => ({ fitting: fitting.id, port: 'in' }))
    .find((ref) => !withHarness.leadAt(ref));
  if (inlet && !withHarness.leadAt(out))
    join('feed:harness', `${capital(pack.fitting.name)} to the power harness`, out, inlet);
  for (const taker of takers) {
    const now = new BuildIndex(plan.build);
    const family = now.port(taker).connector.family;
    const free = outlets(now).filter((ref) => !now.leadAt(ref));
    const outlet = free.find((ref) => now.port(ref).connector.family === family) ?? free[0];
    const name = now.get(taker.fitting).fitting.name;
    if (outlet) join(`feed:${taker.fitting}`, `Power to the ${name}`, outlet, taker);
    else plan.unsolved.push(`Power to the ${name}: no outlet is left on the harness`);
  }
}

/** Video senders into the receiver's rail, where the school has them there. */
export function wireVideoFromRail(plan: WiringPlan, join: Join): void {
  if (plan.build.policies.videoFeed !== 'rail') return;
  const senders = new BuildIndex(plan.build).ofKind('load').filter(({ part }) => part.form === 'videoSender');
  for (const { fitting } of senders) {
    const index = new BuildIndex(plan.build);
    const power = { fitting: fitting.id, port: 'power' };
    if (index.leadAt(power)) continue;
    const inlet = receiverInlet(index);
    if (inlet)
      join(
        `video:${fitting.id}`,
        `Power to the ${fitting.name} from receiver port ${inlet.port}`,
        inlet,
        power,
      );
    else plan.unsolved.push(`Power to the ${fitting.name}: no receiver port is left for it`);
  }
}

/** The receiver's power port, or any port left. */
export function receiverInlet(index: BuildIndex): PortRef | undefined {
  const [receiver] = index.ofKind('receiver');
  return receiver?.part.ports
    .map((port) => ({ fitting: receiver.fitting.id, port: port.id }))
    .find((ref) => !index.leadAt(ref));
}

/** Ports of a part that want raw power and have no lead yet. */
function rawInlets(index: BuildIndex, { fitting, part }: Fitted): PortRef[] {
  const isVideo = part.kind === 'load' && part.form === 'videoSender';
  const isSwitched = part.kind === 'load' && !isVideo && index.ofKind('electronicSwitch').length > 0;
  const fromRail = isVideo && index.build.policies.videoFeed === 'rail';
  if (part.kind === 'cable' || part.kind === 'pack' || isSwitched || fromRail) return [];
  return part.ports
    .filter((port) => port.use === 'power' && port.flow === 'in')
    .map((port) => ({ fitting: fitting.id, port: port.id }))
    .filter((ref) => !index.leadAt(ref));
}

/** Outlets of the harnesses in the build, taken or free. */
export function outlets(index: BuildIndex): PortRef[] {
  return index
    .ofKind('cable')
    .filter(({ part }) => part.form === 'harness')
    .flatMap(({ fitting, part }) =>
      part.ports
        .filter((port) => port.flow === 'out' && port.use === 'power')
        .map((port) => ({ fitting: fitting.id, port: port.id })),
    );
}

const feedWords = (index: BuildIndex, pack: Fitted, taker: PortRef): string =>
  `${capital(pack.fitting.name)} to the ${index.get(taker.fitting).fitting.name}`;
