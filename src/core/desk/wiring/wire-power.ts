import { feedsReceiver } from './receiver-pack';
import { wattHours } from '../../model/packs/pack-volts';
import { freshId } from '../../model/plan/fresh-id';
import type { PortRef } from '../../model/plan/lead';
import type { CableSpec } from '../../model/kinds/cable/cable';
import { coilPort } from '../../model/kinds/electronic-switch/electronic-switch';
import type { PortSpec } from '../../model/parts/port';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { capital } from '../../base/words/sentences';
import type { WiringDraft } from './draft';
import { rawFeedLead, standsRaw } from './raw-feed';

/** Most harnesses that one proposal adds; more parts than they serve are left to their owner. */
const mostHarnesses = 6;

/** Everything that takes raw power, from the packs outwards: what stands in the way, then harnesses where there are several. */
export function wirePower(draft: WiringDraft): void {
  const pack = mainPack(draft);
  if (!pack) return;
  const port = pack.part.ports[0]?.id ?? 'out';
  const head = throughInline(draft, joinPacks(draft, pack, { fitting: pack.fitting.id, port }));
  if (!head) return;
  if (feedsReceiver(draft.index, pack)) {
    if (!draft.isFree(head)) return;
    const inlet = draft.receiverInlet();
    const name = draft.index.get(head.fitting).fitting.name;
    if (inlet) draft.join('feed:receiver', `${capital(name)} into receiver port ${inlet.port}`, head, inlet);
    // By itself it goes beside a servo, once those are plugged in.
    else if (head.fitting !== pack.fitting.id)
      draft.unsolved.push(`${capital(name)}: no receiver port is left for it`);
    return;
  }
  const takers = draft.index.pieces().flatMap((fitted) => rawInlets(draft, fitted));
  const [taker] = takers;
  if (!taker) return;
  const isSmall = draft.index.port(taker).connector.family === 'box-25';
  const rawPlugs = plugsFedRaw(draft);
  if (takers.length === 1 && rawPlugs.length === 0 && !isSmall && draft.isFree(head)) {
    draft.join('feed:pack', `${nameAt(draft, head)} to the ${lowName(draft, taker)}`, head, taker);
    return;
  }
  if (!spreadPower(draft, head, [...takers.map((ref) => draft.index.port(ref)), ...rawPlugs])) return;
  for (const ref of takers) {
    const name = lowName(draft, ref);
    const outlet = freeOutlet(draft, draft.index.port(ref));
    if (outlet) draft.join(`feed:${ref.fitting}`, `Power to the ${name}`, outlet, ref);
    else draft.unsolved.push(`Power to the ${name}: no outlet is left on the harness`);
  }
}

/** Power plugs of the raw-feed leads that the servos without a lead will want, where that is the school. */
function plugsFedRaw(draft: WiringDraft): PortSpec[] {
  const plug = rawFeedLead(draft.locker)?.ports.find((port) => port.id === 'power');
  if (!plug || draft.build.policies.servoFeed !== 'raw') return [];
  return draft.index
    .ofKind('servo')
    .filter(
      (servo) => standsRaw(draft.index, servo) && draft.isFree({ fitting: servo.fitting.id, port: 'lead' }),
    )
    .map(() => plug);
}

/** The pack that the model runs on: of those with nothing plugged in yet or feeding it already, the one that holds most. */
function mainPack(draft: WiringDraft): Fitted<'pack'> | undefined {
  const energy = ({ part }: Fitted<'pack'>) => wattHours(part, part.ampHours?.value ?? 0);
  const isServo = ({ part }: Fitted<'pack'>) => Number(part.ports[0]?.use === 'servo');
  return [...draft.index.ofKind('pack')].sort((a, b) => isServo(a) - isServo(b) || energy(b) - energy(a))[0];
}

/** Joins further packs where a harness for them is fitted; the others are left to their owner. @returns where power comes out */
function joinPacks(draft: WiringDraft, main: Fitted<'pack'>, out: PortRef): PortRef {
  const loose = draft.index
    .ofKind('pack')
    .filter((pack) => pack !== main && draft.index.leadsOf(pack.fitting.id).length === 0);
  // Packs that differ in cells, chemistry or charge have different jobs, and are never joined.
  const others = loose.filter((pack) => areAlike(pack, main));
  for (const { fitting } of loose.filter((pack) => !others.includes(pack)))
    draft.unsolved.push(
      `${capital(fitting.name)}: unlike the ${main.fitting.name}, so plug it in by hand where it belongs`,
    );
  if (others.length === 0 || !draft.isFree(out)) return out;
  const joiner = cables(draft, 'harness').find(({ fitting, part }) => {
    const inlets = powerIn(part);
    return inlets.length > 1 && inlets.every((port) => draft.isFree({ fitting: fitting.id, port: port.id }));
  });
  const inlets = joiner ? powerIn(joiner.part) : [];
  const joined = joiner ? [main, ...others].slice(0, inlets.length) : [main];
  if (joiner && joined.length > 1)
    for (const [n, { fitting, part }] of joined.entries())
      draft.join(
        `join:${fitting.id}`,
        `${capital(fitting.name)} to the ${joiner.fitting.name}, ${inlets[n]!.name}`,
        { fitting: fitting.id, port: part.ports[0]?.id ?? 'out' },
        { fitting: joiner.fitting.id, port: inlets[n]!.id },
      );
  for (const { fitting } of others.filter((pack) => !joined.includes(pack)))
    draft.unsolved.push(
      `${capital(fitting.name)}: fit a harness that joins it to the ${main.fitting.name} in series or in parallel, or plug it in by hand`,
    );
  const outlet = joiner?.part.ports.find((port) => port.flow === 'out' && port.use === 'power');
  return joiner && outlet ? { fitting: joiner.fitting.id, port: outlet.id } : out;
}

/** Whether two packs may stand side by side or in a row. */
const areAlike = ({ part: a }: Fitted<'pack'>, { part: b }: Fitted<'pack'>): boolean =>
  a.chemistry === b.chemistry && a.cells === b.cells && a.ampHours?.value === b.ampHours?.value;

/** Through the fuses and hand switches that are fitted and have no lead yet. @returns where power comes out of the last, if it does */
function throughInline(draft: WiringDraft, from: PortRef): PortRef | undefined {
  let head = from;
  for (const form of ['fuse', 'switch'] as const) {
    const { use } = draft.index.port(head);
    const inline = cables(draft, form).find(
      ({ fitting, part }) =>
        draft.index.leadsOf(fitting.id).length === 0 &&
        part.ports.some((port) => port.id === 'in' && port.use === use),
    );
    if (!inline || !draft.isFree(head)) continue;
    const { id, name } = inline.fitting;
    const label = `${nameAt(draft, head)} to the ${name}`;
    if (!draft.join(`inline:${id}`, label, head, { fitting: id, port: 'in' })) return undefined;
    head = { fitting: id, port: 'out' };
  }
  return head;
}

/** Sees to it that so many parts find an outlet: harnesses that are there, then more of the locker's. */
function spreadPower(draft: WiringDraft, head: PortRef, plugs: readonly PortSpec[]): boolean {
  // Each harness takes two rounds: it is added, then it gets its power.
  for (let n = 0; n < 2 * mostHarnesses; n += 1) {
    const waiting = cables(draft, 'harness')
      .map(({ fitting }) => ({ fitting: fitting.id, port: 'in' }))
      .find((ref) => hasPort(draft.index, ref) && draft.isFree(ref));
    if (waiting) {
      const from = draft.isFree(head) ? head : freeOutlet(draft, draft.index.port(waiting), waiting.fitting);
      if (!from) return true;
      const label = `${nameAt(draft, from)} to the ${lowName(draft, waiting)}`;
      if (!draft.join(`feed:${waiting.fitting}`, label, from, waiting)) return false;
      continue;
    }
    if (areServed(draft, plugs)) return true;
    const part = draft.locker.find(
      (candidate): candidate is CableSpec =>
        candidate.kind === 'cable' &&
        candidate.form === 'harness' &&
        candidate.ports.some((port) => port.id === 'in'),
    );
    if (!part) {
      draft.unsolved.push('Several parts want power from the pack, and the locker has no harness');
      return false;
    }
    const id = freshId(draft.build, 'harness');
    const name = n === 0 ? 'power harness' : `power harness ${id.replace(/\D+/g, '') || n + 1}`;
    if (
      !draft.offer(n === 0 ? 'harness' : `harness:${id}`, `Add a ${part.name}`, [
        { type: 'addFitting', fitting: { id, name, part: part.id }, part },
      ])
    )
      return false;
  }
  return true;
}

/** Video senders into the receiver's rail, where the school has them there. */
export function wireVideoFromRail(draft: WiringDraft): void {
  if (draft.build.policies.videoFeed !== 'rail') return;
  for (const { fitting, part } of draft.index.ofKind('load')) {
    const power = { fitting: fitting.id, port: 'power' };
    if (part.form !== 'videoSender' || !draft.isFree(power)) continue;
    const inlet = draft.receiverInlet();
    if (inlet)
      draft.join(
        `video:${fitting.id}`,
        `Power to the ${fitting.name} from receiver port ${inlet.port}`,
        inlet,
        power,
      );
    else draft.unsolved.push(`Power to the ${fitting.name}: no receiver port is left for it`);
  }
}

/** A free outlet of a harness for a plug: one of its own form first. */
export function freeOutlet(draft: WiringDraft, plug: PortSpec, besides?: string): PortRef | undefined {
  const free = outlets(draft).filter((ref) => draft.isFree(ref) && ref.fitting !== besides);
  const isAlike = (ref: PortRef) => draft.index.port(ref).connector.family === plug.connector.family;
  return free.find(isAlike) ?? free[0];
}

/** Whether every plug finds an outlet of its own form; one of a form that no harness has takes any. */
function areServed(draft: WiringDraft, plugs: readonly PortSpec[]): boolean {
  const forms = outlets(draft).map((ref) => ({
    form: draft.index.port(ref).connector.family,
    isFree: draft.isFree(ref),
  }));
  const free = forms.filter((form) => form.isFree).map((form) => form.form);
  return plugs.every(({ connector }) => {
    const isCommon = forms.some((form) => form.form === connector.family);
    const at = isCommon ? free.indexOf(connector.family) : free.length - 1;
    if (at >= 0) free.splice(at, 1);
    return at >= 0;
  });
}

/** Outlets of the harnesses that take power in, taken or free. */
const outlets = (draft: WiringDraft): PortRef[] =>
  cables(draft, 'harness')
    .filter(({ fitting }) => hasPort(draft.index, { fitting: fitting.id, port: 'in' }))
    .flatMap(({ fitting, part }) =>
      part.ports
        .filter((port) => port.flow === 'out' && port.use === 'power')
        .map((port) => ({ fitting: fitting.id, port: port.id })),
    );

/** Ports of a part that want raw power and have no lead yet. */
function rawInlets(draft: WiringDraft, { fitting, part }: Fitted): PortRef[] {
  const isVideo = part.kind === 'load' && part.form === 'videoSender';
  // A load has its lead already where a switch was found that works it.
  const fromRail = isVideo && draft.build.policies.videoFeed === 'rail';
  if (part.kind === 'cable' || part.kind === 'pack' || fromRail) return [];
  return part.ports
    .filter((port) => port.use === 'power' && port.flow === 'in' && port.id !== coilPort)
    .map((port) => ({ fitting: fitting.id, port: port.id }))
    .filter((ref) => draft.isFree(ref));
}

const cables = (draft: WiringDraft, form: CableSpec['form']): Fitted<'cable'>[] =>
  draft.index.ofKind('cable').filter(({ part }) => part.form === form);

const powerIn = (part: CableSpec): PortSpec[] =>
  part.ports.filter((port) => port.use === 'power' && port.flow === 'in');

const hasPort = (index: BuildIndex, { fitting, port }: PortRef): boolean =>
  index.get(fitting).part.ports.some((plug) => plug.id === port);

const lowName = (draft: WiringDraft, ref: PortRef): string => draft.index.get(ref.fitting).fitting.name;
const nameAt = (draft: WiringDraft, ref: PortRef): string => capital(lowName(draft, ref));
