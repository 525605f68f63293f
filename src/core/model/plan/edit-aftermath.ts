import type { Draft } from 'immer';
import type { PartSpec } from '../kinds/part-spec';
import type { Build } from './build';
import { componentId, isOn } from '../fitting/component-id';
import type { Fitting } from '../fitting/fitting';
import type { ServoSeat } from '../fitting/servo-seat';

/** Takes out of a list what a test holds for; a list without such is left the very value that it was. */
export function dropWhere<T>(list: T[], isGone: (item: T) => boolean): void {
  for (let at = list.length - 1; at >= 0; at -= 1) if (isGone(list[at]!)) list.splice(at, 1);
}

/** Ids that a finding's id names: `rule/message/subject+subject`. */
const subjectsOf = (findingId: string): string[] => findingId.split('/').slice(2).join('/').split('+');

/** Drops what was read on a part: `esc.cooling` is a figure of `esc`. */
const dropReadings = (build: Draft<Build>, fittingId: string): void =>
  dropWhere(
    build.measured ?? [],
    ({ estimate }) => estimate.startsWith(`${fittingId}.`) || estimate.startsWith(`${fittingId}/`),
  );

/** Takes a function that is gone out of the channels that it had a share in. */
export function dropFromMixes(build: Draft<Build>, functionId: string): void {
  for (const [n, { mix, ...rest }] of (build.channels ?? []).entries()) {
    const kept = mix?.filter((input) => input.function !== functionId);
    if (kept && kept.length < mix!.length)
      build.channels![n] = { ...rest, ...(kept.length > 0 && { mix: kept }) };
  }
}

/**
 * Settings that name no transmitter are the first one's: where that one is about to go and another stays, they go with
 * it, and the next one's are the first's from then on.
 */
export function promoteRadio(build: Draft<Build>, fittingId: string): void {
  const kindOf = new Map(build.parts.map(({ id, kind }) => [id, kind]));
  const [first, next] = build.fittings.filter(({ part }) => kindOf.get(part) === 'transmitter');
  if (first?.id !== fittingId || !next || !build.channels) return;
  build.channels = build.channels.flatMap(({ transmitter, ...setting }) =>
    transmitter === undefined ? [] : [{ ...setting, ...(transmitter !== next.id && { transmitter }) }],
  );
}

/** What is set on the channels of a transmitter goes with it, and nothing is on it or bound to it any more. */
function dropRadio(build: Draft<Build>, isGone: (id: string) => boolean): void {
  dropWhere(build.channels ?? [], ({ transmitter }) => transmitter !== undefined && isGone(transmitter));
  for (const [n, { transmitter, ...rest }] of build.functions.entries())
    if (transmitter !== undefined && isGone(transmitter)) build.functions[n] = rest;
  for (const [n, { boundTo, ...rest }] of build.fittings.entries())
    if (boundTo !== undefined && isGone(boundTo)) build.fittings[n] = rest;
}

/** Drops what was noted about parts, leads or functions that are gone: acceptances, ticks, readings, courses of outings. */
export function forget(build: Draft<Build>, gone: readonly string[]): void {
  const isGone = (id: string) => gone.some((each) => isOn(id, each));
  dropWhere(build.acceptances, (acceptance) => subjectsOf(acceptance.finding).some(isGone));
  dropWhere(build.ticks, (tick) => tick.step.split(':').some(isGone));
  dropWhere(build.pictureOrder ?? [], isGone);
  dropRadio(build, isGone);
  for (const id of gone) dropReadings(build, id);
  for (const [n, outing] of (build.outings ?? []).entries()) {
    const tracks = outing.tracks.filter((track) => !isGone(track.function));
    if (tracks.length < outing.tracks.length) build.outings![n] = { ...outing, tracks };
  }
}

/**
 * Keeps only what is still valid of a fitting after another part stands in its place: settings that the new sheet
 * has a choice for, and no acceptance of the old part's dangers or reading of it. Ticks stay: each step tells by itself whether
 * the part it was about is still the same.
 */
export function settleAfterSwap(build: Draft<Build>, fittingId: string, part: PartSpec): void {
  dropWhere(build.acceptances, (acceptance) =>
    subjectsOf(acceptance.finding).some((subject) => isOn(subject, fittingId)),
  );
  dropReadings(build, fittingId);
  const at = build.fittings.findIndex((candidate) => candidate.id === fittingId);
  const fitting = build.fittings[at];
  if (!fitting) return;
  const { regulatorVolts, cutoff, protocol, running, brake, isReversed, inside, seat, ...kept } = fitting;
  const protocols = 'protocols' in part ? part.protocols : [];
  const settings = {
    ...stillValid({ regulatorVolts, cutoff, running, brake, isReversed }, part),
    ...(protocol !== undefined && protocols.includes(protocol) && { protocol }),
    ...(inside && { inside }),
    ...(seat && { seat: bareSeat(seat) }),
  };
  const isSeatCut = seat !== undefined && Object.keys(bareSeat(seat)).length < Object.keys(seat).length;
  if (isSeatCut || Object.keys(settings).length < Object.keys(fitting).length - Object.keys(kept).length)
    build.fittings[at] = { ...kept, ...settings };
  settleComponents(build, fittingId, part);
}

/** A seat as the model has it: what was made for the servo that was there does not fit another. */
function bareSeat(seat: ServoSeat): ServoSeat {
  const { hasPlate, openedBy, standoff, wantsHorn, ...bare } = seat;
  return bare;
}

/** Keeps of a fitting what is set on, and what works, components that its sheet still has. */
export function settleComponents(build: Draft<Build>, fittingId: string, part: PartSpec): void {
  const components = part.kind === 'board' ? part.components : [];
  const here = new Set([fittingId, ...components.map(({ id }) => componentId(fittingId, id))]);
  for (const [n, { devices, ...rest }] of build.functions.entries()) {
    const kept = devices.filter((device) => !isOn(device, fittingId) || here.has(device));
    if (kept.length < devices.length) build.functions[n] = { ...rest, devices: kept };
  }
  const at = build.fittings.findIndex(({ id }) => id === fittingId);
  const { inside, ...fitting } = build.fittings[at] ?? {};
  if (!inside) return;
  const kept = inside.flatMap(({ component, ...set }) => {
    const found = components.find(({ id }) => id === component);
    const settings = found ? stillValid(set, found.part) : {};
    return Object.keys(settings).length > 0 ? [{ component, ...settings }] : [];
  });
  build.fittings[at] = { ...(fitting as Fitting), ...(kept.length > 0 && { inside: kept }) };
}

type Settings = Pick<Fitting, 'regulatorVolts' | 'cutoff' | 'running' | 'brake' | 'isReversed'>;

/** Settings that a sheet has a choice for. */
function stillValid(
  { regulatorVolts, cutoff, running, brake, isReversed }: Settings,
  part: PartSpec,
): Settings {
  const volts = 'regulator' in part ? (part.regulator?.voltsChoices ?? []) : [];
  const cutoffs = part.kind === 'controller' ? [...(part.cutoffModes ?? []), 'off'] : [];
  const modes: readonly string[] = part.kind === 'controller' ? (part.modes ?? []) : [];
  return {
    ...(regulatorVolts !== undefined && volts.includes(regulatorVolts) && { regulatorVolts }),
    ...(cutoff !== undefined && cutoffs.includes(cutoff) && { cutoff }),
    ...(running !== undefined && modes.includes(running) && { running }),
    ...(brake !== undefined &&
      (brake === 'off' ? part.kind === 'controller' : modes.includes(brake)) && { brake }),
    ...(isReversed !== undefined && part.kind === 'controller' && { isReversed }),
  };
}
