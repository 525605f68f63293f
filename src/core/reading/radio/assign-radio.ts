import { munkres } from 'munkres';
import type { ControlSpec } from '../../model/kinds/transmitter/transmitter';
import type { Build } from '../../model/plan/build';
import { carrierId } from '../../model/fitting/component-id';
import { movesModel, type ModelFunction } from '../../model/plan/model-function';
import type { SignalPath } from '../survey/signals';
import { Survey } from '../survey/survey';
import { isWithoutChannel, usedChannels } from './channel-inputs';
import { controlMisfit } from './control-fit';
import { mostChannels, radioHeardBy, radiosOf, type Radio } from './radios';

/** What a function is given. */
interface Assigned {
  function: ModelFunction;
  change: Partial<Pick<ModelFunction, 'channel' | 'control'>>;
}

/** Wishes that cannot all be met: one more function than there is to give. */
export interface AssignConflict {
  /** Functions that go without. */
  without: ModelFunction[];
  /** Those that want the same, each of which would have to give way. */
  rivals: ModelFunction[];
  wants: 'control' | 'channel';
  /** The transmitter whose controls they want. */
  transmitter?: string | undefined;
}

interface Assignment {
  assigned: Assigned[];
  conflicts: AssignConflict[];
}

/**
 * What it costs to give a function nothing; it is less for what is fitted later, so that this goes without first. What
 * moves the model goes before all else.
 */
const nothing = (modelFunction: ModelFunction): number =>
  (movesModel(modelFunction) ? 20_000 : 10_000) / (modelFunction.stage ?? 1);
/** Never chosen: dearer than nothing. */
const forbidden = 1_000_000;

/**
 * The best controls and channels for functions that have none: kinds of control as they are wanted, the throttle where
 * the receiver’s map keeps it, what is plugged in on the channel it hears, the rest in order. Where not all can be
 * served, what is fitted later goes without first, and the conflict names who wants the same.
 */
export function assignRadio(build: Build): Assignment {
  const survey = new Survey(build);
  const all = radiosOf({ build, survey }).map((radio) => assignOn({ build, survey, radio }));
  return {
    assigned: all.flatMap(({ assigned }) => assigned),
    conflicts: all.flatMap(({ conflicts }) => conflicts),
  };
}

/** One radio of a build, and how it is wired. */
interface Place {
  build: Build;
  survey: Survey;
  radio: Radio;
}

function assignOn(place: Place): Assignment {
  const { radio } = place;
  const controls = assign(
    radio.functions.filter(({ control }) => control === undefined),
    freeControls(radio),
    controlCost,
  );
  const waiting = radio.functions.filter((each) => isWithoutChannel(radio, each));
  const channels = assign(waiting, freeChannels(place), channelCost(place));
  const changes = new Map<ModelFunction, Assigned['change']>();
  for (const [each, control] of controls.given) changes.set(each, { control: control.id });
  for (const [each, channel] of channels.given) changes.set(each, { ...changes.get(each), channel });
  const hasRadio = radio.transmitter !== undefined;
  return {
    assigned: radio.functions.flatMap((each) => {
      const change = changes.get(each);
      return change ? [{ function: each, change }] : [];
    }),
    conflicts: [
      ...(hasRadio ? controls.without.map((each) => conflictOver(radio, each)) : []),
      ...(channels.without.length > 0
        ? [{ without: channels.without, rivals: [...radio.functions], wants: 'channel' as const }]
        : []),
    ],
  };
}

/** The cheapest way to give each of some functions one of some things, or nothing. */
function assign<T>(
  functions: readonly ModelFunction[],
  things: readonly T[],
  costOf: (modelFunction: ModelFunction, thing: T, n: number) => number,
): { given: [ModelFunction, T][]; without: ModelFunction[] } {
  if (functions.length === 0) return { given: [], without: [] };
  // Each function may take a nothing of its own.
  const matrix = functions.map((modelFunction, row) => [
    ...things.map((thing, n) => costOf(modelFunction, thing, n)),
    ...functions.map((_, n) => (n === row ? nothing(modelFunction) : forbidden)),
  ]);
  const given: [ModelFunction, T][] = [];
  const without: ModelFunction[] = [];
  for (const [row, column] of munkres(matrix)) {
    const thing = things[column];
    if (thing === undefined) without.push(functions[row]!);
    else given.push([functions[row]!, thing]);
  }
  return { given, without };
}

/** What must stay before nothing, and what is only nicer. */
const spoilt = 100;

function controlCost(modelFunction: ModelFunction, control: ControlSpec, n: number): number {
  if (controlMisfit(modelFunction.wants, control.kind)) return forbidden;
  return (
    (modelFunction.wants === control.kind ? 0 : spoilt) +
    unlikely(modelFunction, control) +
    // Else the first one that is free.
    n / 100
  );
}

/** Words of controls that go with driving, and with steering: forwards is up, and a wheel steers. */
const drives = /up and down|-y$|trigger|throttle/i;
const steers = /sideways|-x$|wheel|steer/i;
/** Words for the two sides of a model. */
const sides = [/left|port\b/i, /right|starboard/i] as const;

/** How odd it would be to work a function by a control of the right kind: the other way, or from the other side. */
function unlikely({ name, role, ...rest }: ModelFunction, control: ControlSpec): number {
  const words = `${control.name} ${control.id}`;
  const isDrive = movesModel({ ...rest, role });
  const isOddWay =
    (isDrive && !drives.test(words)) || (role === 'steer' && !steers.test(words)) ? spoilt / 5 : 0;
  // What does neither leaves the stick for driving and the one for steering to others.
  const isWasted =
    !isDrive && role !== 'steer' && (drives.test(words) || steers.test(words)) ? spoilt / 20 : 0;
  const isOddSide = sides.some(
    (side, n) => side.test(name) && !side.test(control.name) && sides[1 - n]!.test(control.name),
  )
    ? spoilt / 10
    : 0;
  return isOddWay + isWasted + isOddSide;
}

/** What a channel costs a function, by the receiver's map and by what is plugged in. */
function channelCost(place: Place): (modelFunction: ModelFunction, channel: number) => number {
  const { radio } = place;
  const throttle = throttleOf(place);
  const first = radio.functions.find((each) => movesModel(each));
  const keeps = first !== undefined && !usedChannels(radio).includes(throttle);
  const heard = new Map(heardOn(place).map(({ device, port }) => [device.fitting.id, port.channel]));
  const inOrder = new Map(
    [...radio.functions]
      .sort((a, b) => Number(b.role === 'steer') - Number(a.role === 'steer'))
      .map((each, n) => [each, n]),
  );
  return (modelFunction, channel) => {
    const hears = modelFunction.devices.map((id) => heard.get(id)).find((each) => each !== undefined);
    if (hears !== undefined) return hears === channel ? 0 : 2 * spoilt;
    const isHeardByOther = [...heard.values()].includes(channel);
    const isThrottle = keeps && channel === throttle;
    if (isThrottle && modelFunction !== first && !movesModel(modelFunction)) return forbidden;
    // Those that come first have the first channels.
    const weight = 1 + (radio.functions.length - (inOrder.get(modelFunction) ?? 0)) / 100;
    return (
      (isHeardByOther ? spoilt : 0) +
      (modelFunction === first && keeps && !isThrottle ? spoilt : 0) +
      (isThrottle && modelFunction !== first ? spoilt / 3 : 0) +
      (channel * weight) / 10
    );
  };
}

/** Signals from the receivers that hear the radio. */
const heardOn = ({ build, survey, radio }: Place): readonly SignalPath[] =>
  survey.signals.filter(({ receiver }) => radioHeardBy({ build, survey }, receiver).owner === radio.owner);

const throttleOf = ({ build, survey, radio }: Place): number =>
  survey.index.ofKind('receiver').find((each) => radioHeardBy({ build, survey }, each).owner === radio.owner)
    ?.part.throttleChannel ?? 3;

function freeControls({ functions, transmitter }: Radio): ControlSpec[] {
  const taken = new Set(functions.map(({ control }) => control));
  return (transmitter?.part.controls ?? []).filter(({ id }) => !taken.has(id));
}

function freeChannels(place: Place): number[] {
  const { radio } = place;
  const taken = new Set(usedChannels(radio));
  // What is joined inside a board cannot be plugged elsewhere, so that its channel is nobody else's.
  const waiting = new Set(
    radio.functions.filter((each) => isWithoutChannel(radio, each)).flatMap(({ devices }) => devices),
  );
  for (const { device, port } of heardOn(place)) {
    const { id } = device.fitting;
    if (carrierId(id) !== id && port.channel !== undefined && !waiting.has(id)) taken.add(port.channel);
  }
  // A plan without a radio may use as many as any has.
  const most = mostChannels(place, radio) || 32;
  return Array.from({ length: Math.min(most, 32) }, (_, n) => n + 1).filter((channel) => !taken.has(channel));
}

/** Who holds what a function could have had: every one of them would have to give way. */
function conflictOver({ functions, transmitter }: Radio, modelFunction: ModelFunction): AssignConflict {
  const could = (transmitter?.part.controls ?? []).filter(
    ({ kind }) => controlMisfit(modelFunction.wants, kind) === undefined,
  );
  const ids = new Set(could.map(({ id }) => id));
  const rivals = functions.filter(
    (each) =>
      each !== modelFunction &&
      (each.control === undefined
        ? could.some(({ kind }) => controlMisfit(each.wants, kind) === undefined)
        : ids.has(each.control)),
  );
  return { without: [modelFunction], rivals, wants: 'control', transmitter: transmitter?.fitting.name };
}
