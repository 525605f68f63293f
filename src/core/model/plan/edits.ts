import { current, isDraft, produce, type Draft } from 'immer';
import { canonicalText } from '../../base/canonical';
import type { PartSpec } from '../kinds/part-spec';
import type { Figure } from '../../base/validation/figure';
import type { Brief } from './brief';
import type { Build } from './build';
import { carrierId, isOn } from '../fitting/component-id';
import {
  dropFromMixes,
  dropWhere,
  forget,
  promoteRadio,
  settleAfterSwap,
  settleComponents,
} from './edit-aftermath';
import type { ChannelSetting } from './channel-setting';
import type { Fitting } from '../fitting/fitting';
import { mostIdLength } from './fresh-id';
import type { Conductor, Lead, PortRef } from './lead';
import type { LogEntry } from './log-entry';
import type { Measured } from '../fitting/measured';
import type { ModelFunction } from './model-function';
import type { ModelInside } from './model-inside';
import type { Outing } from './outing';
import type { Policies } from './policies';
import type { Acceptance, StepNote, Tick } from './records';

/** One pure change to a build, as data: it can be previewed, listed, applied and undone. */
export type Edit =
  | { type: 'setRegulatorVolts'; fitting: string; volts: number }
  | {
      type: 'setFitting';
      fitting: string;
      change: Partial<
        Pick<
          Fitting,
          | 'name'
          | 'cutoff'
          | 'running'
          | 'brake'
          | 'isReversed'
          | 'memory'
          | 'boundTo'
          | 'alarmVolts'
          | 'linkage'
          | 'seat'
          | 'place'
        >
      >;
    }
  | { type: 'setProtocol'; fitting: string; protocol: string }
  | { type: 'swapPart'; fitting: string; part: PartSpec }
  | { type: 'changeSheet'; sheet: PartSpec }
  | { type: 'addFitting'; fitting: Fitting; part: PartSpec }
  | { type: 'removeFitting'; fitting: string }
  | { type: 'addLead'; lead: Lead }
  | { type: 'removeLead'; lead: string }
  | { type: 'moveLeadEnd'; lead: string; end: 'from' | 'to'; port: PortRef }
  | { type: 'setGauge'; lead: string; awg: number }
  | { type: 'setLength'; lead: string; metres: Figure }
  | { type: 'setThreaded'; lead: string; isThreaded: boolean }
  | { type: 'setInside'; inside: ModelInside | undefined }
  | { type: 'setColours'; lead: string; conductors: Conductor[] }
  | { type: 'setConductors'; lead: string; conductors: Conductor[] }
  | { type: 'setFunction'; function: string; change: Partial<Omit<ModelFunction, 'id'>> }
  | { type: 'setPictureOrder'; order: string[] }
  | {
      type: 'setChannel';
      channel: number;
      /** Whose channel it is, where it is not the first transmitter's. */
      transmitter?: string | undefined;
      change: Partial<Omit<ChannelSetting, 'channel' | 'transmitter'>>;
    }
  | { type: 'setBrief'; change: Partial<Brief> }
  | { type: 'rename'; name: string }
  | { type: 'addFunction'; function: ModelFunction }
  | { type: 'removeFunction'; function: string }
  | { type: 'setPolicies'; change: Partial<Policies> }
  | { type: 'accept'; acceptance: Acceptance }
  | { type: 'withdrawAcceptance'; finding: string }
  | { type: 'keepOuting'; outing: Outing }
  | { type: 'dropOuting'; outing: string }
  | { type: 'measure'; measured: Measured }
  | { type: 'forgetMeasured'; estimate: string }
  | { type: 'keepEntry'; entry: LogEntry }
  | { type: 'dropEntry'; entry: string }
  | { type: 'tick'; tick: Tick }
  | { type: 'untick'; step: string }
  | { type: 'noteStep'; note: StepNote };

/**
 * The build after some edits; the one passed in is left as it was.
 * @throws if an edit names a fitting, lead or function that the build lacks: a bug in whoever made it
 */
export function applyEdits(build: Build, edits: readonly Edit[]): Build {
  return produce(build, (draft) => {
    for (const edit of edits) applyEdit(draft, edit);
    dropUnusedParts(draft);
  });
}

function applyEdit(build: Draft<Build>, edit: Edit): void {
  switch (edit.type) {
    case 'setRegulatorVolts':
      set(build, edit.fitting, { regulatorVolts: edit.volts });
      return;
    case 'setProtocol':
      change(build.fittings, edit.fitting, { protocol: edit.protocol });
      return;
    case 'setFitting':
      set(build, edit.fitting, edit.change);
      return;
    case 'swapPart':
      change(build.fittings, edit.fitting, { part: putPart(build, edit.part) });
      settleAfterSwap(build, edit.fitting, edit.part);
      return;
    case 'changeSheet':
      change(build.parts, edit.sheet.id, edit.sheet);
      for (const { id } of build.fittings.filter(({ part }) => part === edit.sheet.id))
        settleComponents(build, id, edit.sheet);
      return;
    case 'addFitting':
      build.fittings.push({ ...edit.fitting, part: putPart(build, edit.part) });
      return;
    case 'removeFitting': {
      promoteRadio(build, edit.fitting);
      remove(build.fittings, edit.fitting);
      const touches = (lead: Lead) => lead.from.fitting === edit.fitting || lead.to.fitting === edit.fitting;
      const gone = build.leads.filter(touches).map((lead) => lead.id);
      dropWhere(build.leads, touches);
      for (const { id, devices } of [...build.functions])
        change(build.functions, id, { devices: devices.filter((device) => !isOn(device, edit.fitting)) });
      forget(build, [edit.fitting, ...gone]);
      return;
    }
    case 'addLead':
      build.leads.push(edit.lead);
      return;
    case 'removeLead':
      remove(build.leads, edit.lead);
      forget(build, [edit.lead]);
      return;
    case 'moveLeadEnd':
      change(build.leads, edit.lead, { [edit.end]: edit.port });
      return;
    case 'setGauge':
      change(build.leads, edit.lead, { awg: edit.awg });
      return;
    case 'setLength':
      change(build.leads, edit.lead, { metres: edit.metres });
      return;
    case 'setThreaded':
      change(build.leads, edit.lead, { isThreaded: edit.isThreaded });
      return;
    case 'setInside':
      if (edit.inside) build.inside = edit.inside;
      else delete build.inside;
      return;
    case 'setColours':
      change(build.leads, edit.lead, { conductors: edit.conductors, coloursRead: true });
      return;
    case 'setConductors':
      change(build.leads, edit.lead, { conductors: edit.conductors });
      return;
    case 'setFunction':
      change(build.functions, edit.function, edit.change);
      return;
    case 'setPictureOrder':
      build.pictureOrder = edit.order;
      return;
    case 'setChannel':
      setChannel(build, edit.channel, edit.transmitter, edit.change);
      return;
    case 'setBrief':
      Object.assign(build.brief, edit.change);
      return;
    case 'rename':
      build.name = edit.name;
      return;
    case 'addFunction':
      build.functions.push(edit.function);
      return;
    case 'removeFunction':
      remove(build.functions, edit.function);
      dropFromMixes(build, edit.function);
      forget(build, [edit.function]);
      return;
    case 'setPolicies':
      Object.assign(build.policies, edit.change);
      return;
    case 'accept':
      dropWhere(build.acceptances, (acceptance) => acceptance.finding === edit.acceptance.finding);
      build.acceptances.push(edit.acceptance);
      return;
    case 'withdrawAcceptance':
      dropWhere(build.acceptances, (acceptance) => acceptance.finding === edit.finding);
      return;
    case 'keepOuting':
      build.outings = [
        ...(build.outings ?? []).filter((outing) => outing.id !== edit.outing.id),
        edit.outing,
      ];
      return;
    case 'dropOuting':
      dropWhere(build.outings ?? [], (outing) => outing.id === edit.outing);
      return;
    case 'measure':
      build.measured = [
        ...(build.measured ?? []).filter((each) => each.estimate !== edit.measured.estimate),
        edit.measured,
      ];
      return;
    case 'forgetMeasured':
      dropWhere(build.measured ?? [], (each) => each.estimate === edit.estimate);
      return;
    case 'keepEntry':
      build.log = [...(build.log ?? []).filter(({ id }) => id !== edit.entry.id), edit.entry].sort((a, b) =>
        a.on.localeCompare(b.on),
      );
      return;
    case 'dropEntry':
      dropWhere(build.log ?? [], (entry) => entry.id === edit.entry);
      return;
    case 'tick':
      dropWhere(build.ticks, (tick) => tick.step === edit.tick.step);
      build.ticks.push(edit.tick);
      return;
    case 'untick':
      dropWhere(build.ticks, (tick) => tick.step === edit.step);
      return;
    case 'noteStep': {
      const { step, text, photo } = edit.note;
      const others = (build.stepNotes ?? []).filter((note) => note.step !== step);
      build.stepNotes = text === '' && photo === undefined ? others : [...others, edit.note];
      return;
    }
  }
}

/** Sets something on a channel; what is `undefined` stands as in a fresh memory again. */
function setChannel(build: Draft<Build>, channel: number, transmitter: string | undefined, to: object): void {
  const known = (build.channels ?? []).find(
    (setting) => setting.channel === channel && setting.transmitter === transmitter,
  );
  const key = { channel, ...(transmitter !== undefined && { transmitter }) };
  const merged = Object.fromEntries(
    Object.entries({ ...(known && plain(known)), ...to, ...key }).filter(([, value]) => value !== undefined),
  ) as unknown as ChannelSetting;
  const others = (build.channels ?? []).filter((setting) => setting !== known).map(plain);
  const isFresh = Object.keys(merged).length === Object.keys(key).length;
  if (canonicalText(known ?? key) === canonicalText(merged)) return;
  build.channels = [...others, ...(isFresh ? [] : [merged])].sort(
    (a, b) => (a.transmitter ?? '').localeCompare(b.transmitter ?? '') || a.channel - b.channel,
  );
}

/** Sets something on a fitting, or on a component of a board: that is kept with the board. */
function set(build: Draft<Build>, id: string, to: Partial<Fitting>): void {
  const carrier = carrierId(id);
  if (carrier === id) return change(build.fittings, id, to);
  const component = id.slice(carrier.length + 1);
  const inside = build.fittings.find((fitting) => fitting.id === carrier)?.inside ?? [];
  const known = inside.find((each) => each.component === component);
  change(build.fittings, carrier, {
    inside: [
      ...inside.filter((each) => each !== known).map(plain),
      { ...(known && plain(known)), ...to, component },
    ],
  });
}

/**
 * Brings a sheet into the build. Another sheet under a known id would change other fittings, so a sheet that
 * was edited in the locker since comes in under an id of its own. @returns the id it has in the build
 */
function putPart(build: Draft<Build>, part: PartSpec): string {
  for (let version = 1; ; version += 1) {
    const id = version === 1 ? part.id : `${part.id.slice(0, mostIdLength - 6)}-v${version}`;
    const candidate = { ...part, id };
    const known = build.parts.find((sheet) => sheet.id === id);
    if (!known) build.parts.push(candidate);
    if (!known || canonicalText(known) === canonicalText(candidate)) return id;
  }
}

function dropUnusedParts(build: Draft<Build>): void {
  const used = new Set(build.fittings.map((fitting) => fitting.part));
  dropWhere(build.parts, (part) => !used.has(part.id));
}

/**
 * Puts a changed copy in the place of what has the id: what an edit brought along may be frozen. What changes
 * nothing leaves the build the very value that it was.
 */
function change<T extends { id: string }>(list: T[], id: string, to: object): void {
  const at = list.findIndex((item) => item.id === id);
  const found = list[at];
  if (!found) throw new Error(`edit names ${id}, which the build lacks`);
  const isSame = ([key, value]: [string, unknown]) =>
    canonicalText(found[key as keyof T]) === canonicalText(value);
  if (!Object.entries(to).every(isSame)) list[at] = { ...plain(found), ...to };
}

const plain = <T extends object>(value: T): T => (isDraft(value) ? current(value as never) : value);

function remove<T extends { id: string }>(list: T[], id: string): void {
  if (!list.some((item) => item.id === id)) throw new Error(`edit removes ${id}, which the build lacks`);
  dropWhere(list, (item) => item.id === id);
}
