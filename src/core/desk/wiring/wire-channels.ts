import type { ModelFunction } from '../../model/plan/model-function';
import { freshId } from '../../model/plan/fresh-id';
import type { PortRef } from '../../model/plan/lead';
import { homeChannel, isWithoutChannel } from '../../reading/radio/channel-inputs';
import { radioHeardBy, radioOfFunction } from '../../reading/radio/radios';
import { portRef } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { Survey } from '../../reading/survey/survey';
import { capital, nameList } from '../../base/words/sentences';
import type { WiringDraft } from './draft';
import { feedRaw, rawFeedLead, standsRaw } from './raw-feed';
import { signalPort } from '../../reading/survey/own-ports';
import { freeOutlet } from './wire-power';

/** Each function's parts into the receiver port of its channel; several through Y-leads. */
export function wireChannels(draft: WiringDraft): void {
  const [first] = draft.index.ofKind('receiver');
  if (!first) return;
  for (const modelFunction of draft.build.functions) {
    const wired = { build: draft.build, survey: new Survey(draft.build) };
    const radio = radioOfFunction(wired, modelFunction);
    const receiver = draft.index
      .ofKind('receiver')
      .find((each) => radioHeardBy(wired, each).owner === radio.owner);
    const waiting = modelFunction.devices
      .filter((id) => draft.index.has(id))
      .map((id) => draft.index.get(id))
      .filter((fitted) => isWaiting(draft, fitted));
    if (waiting.length === 0) continue;
    const homes = new Map<number, Fitted[]>();
    for (const fitted of waiting) {
      const home = homeChannel(radio, modelFunction, fitted.fitting.id);
      if (home !== undefined) homes.set(home, [...(homes.get(home) ?? []), fitted]);
    }
    if (isWithoutChannel(radio, modelFunction)) {
      if (!draft.proposals.some((step) => step.id === `plan:${modelFunction.id}`))
        draft.unsolved.push(`${modelFunction.name}: no channel is left for it`);
      continue;
    }
    if (!receiver) {
      draft.unsolved.push(`${modelFunction.name}: no receiver hears the ${radio.transmitter?.fitting.name}`);
      continue;
    }
    for (const [channel, listeners] of homes) {
      const port = receiver.part.ports.find((candidate) => candidate.channel === channel);
      const here = port && portRef(receiver, port);
      if (here && draft.isFree(here)) wireFunction(draft, modelFunction, listeners, here);
      else
        draft.unsolved.push(
          `${modelFunction.name}: ${port ? `${portWords(draft, portRef(receiver, port))} is taken` : `the receiver has no channel ${channel}`}`,
        );
    }
  }
  tellUnserved(draft);
}

function isWaiting(draft: WiringDraft, fitted: Fitted): boolean {
  const port = signalPort(fitted);
  return port !== undefined && draft.isFree(port);
}

function wireFunction(
  draft: WiringDraft,
  modelFunction: ModelFunction,
  waiting: readonly Fitted[],
  here: PortRef,
): void {
  const [alone, ...more] = waiting;
  if (alone && more.length === 0 && isFedRaw(draft, alone, here)) return;
  let place: PortRef = here;
  for (const [n, fitted] of waiting.entries()) {
    const { fitting } = fitted;
    // Every part but the last takes a branch of its own.
    const y = n < waiting.length - 1 ? yLead(draft, modelFunction, n, place) : undefined;
    if (n < waiting.length - 1 && !y) {
      const left = waiting.slice(n).map((late) => `the ${late.fitting.name}`);
      draft.unsolved.push(`${capital(nameList(left))}: a Y-lead is wanted`);
      return;
    }
    const there = y ? { fitting: y, port: 'out 1' } : place;
    const words =
      there.fitting === here.fitting
        ? portWords(draft, here)
        : `the ${draft.index.get(there.fitting).fitting.name}`;
    draft.join(`signal:${fitting.id}`, `${capital(fitting.name)} into ${words}`, signalPort(fitted)!, there);
    if (y) place = { fitting: y, port: 'out 2' };
  }
}

/** Feeds a servo straight from the pack where that is the school, it stands it, and there is an outlet. */
function isFedRaw(draft: WiringDraft, servo: Fitted, here: PortRef): boolean {
  if (draft.build.policies.servoFeed !== 'raw' || !standsRaw(draft.index, servo)) return false;
  const { id, name } = servo.fitting;
  const plug = rawFeedLead(draft.locker)?.ports.find((port) => port.id === 'power');
  const outlet = plug && freeOutlet(draft, plug);
  const edits = outlet && feedRaw(draft.build, id, here, outlet, draft.locker);
  if (!edits) return false;
  draft.offer(
    `raw:${id}`,
    `${capital(name)} straight from the pack, signal from ${portWords(draft, here)}`,
    edits,
  );
  return true;
}

/** Adds a Y-lead into a port. @returns its fitting id, or nothing where the locker has none or it was refused */
function yLead(
  draft: WiringDraft,
  modelFunction: ModelFunction,
  n: number,
  into: PortRef,
): string | undefined {
  const part = draft.locker.find(
    (candidate) =>
      candidate.kind === 'cable' &&
      candidate.form === 'yLead' &&
      candidate.ports.some((port) => port.use === 'servo'),
  );
  if (!part) return undefined;
  const id = freshId(draft.build, `${modelFunction.id}-y-lead`);
  const suffix = n === 0 ? '' : `:${n + 1}`;
  const name = `${modelFunction.name.toLowerCase().slice(0, 40)} Y-lead${n === 0 ? '' : ` ${n + 1}`}`;
  const isThere =
    draft.offer(
      `y-lead:${modelFunction.id}${suffix}`,
      `Add a ${part.name} for ${modelFunction.name.toLowerCase()}`,
      [{ type: 'addFitting', fitting: { id, name, part: part.id }, part }],
    ) &&
    draft.join(
      `y-lead-in:${modelFunction.id}${suffix}`,
      `The ${name} into ${n === 0 ? portWords(draft, into) : 'the Y-lead before it'}`,
      { fitting: id, port: 'in' },
      into,
    );
  return isThere ? id : undefined;
}

/** A receiver's port as a person finds it: by its number, or by the name of its row. */
function portWords({ index }: WiringDraft, ref: PortRef): string {
  const { kind, fitting } = index.get(ref.fitting);
  return kind === 'receiver' ? `receiver port ${ref.port}` : `${index.port(ref).name} of the ${fitting.name}`;
}

/** Parts that listen to a channel and that no function names. */
function tellUnserved(draft: WiringDraft): void {
  const served = new Set(draft.build.functions.flatMap((modelFunction) => modelFunction.devices));
  const left = draft.index
    .all()
    .filter((fitted) => !served.has(fitted.fitting.id) && isWaiting(draft, fitted))
    .map(({ fitting }) => `the ${fitting.name}`);
  if (left.length > 0)
    draft.unsolved.push(
      `${capital(nameList(left))}: no function in the Brief says what works ${left.length === 1 ? 'it' : 'them'}`,
    );
}
