import { portWords } from '../faults/fault-words';
import type { Reading } from '../../reading/build-reading/reading';
import type { Fitting } from '../../model/fitting/fitting';
import { isJoined, type Lead, type PortRef } from '../../model/plan/lead';
import { channelTable } from '../../reading/radio/channel-table';
import { nameList } from '../../base/words/sentences';

/** One thing that is otherwise in the second of two builds. */
export interface Difference {
  id: string;
  kind: 'out' | 'swap' | 'in' | 'unplug' | 'move' | 'plug' | 'wire' | 'channel' | 'setting';
  /** One sentence: `The plug of the steering servo moves from port 1 to port 2 of the receiver`. */
  words: string;
  /** Fittings and leads of the second build that it is about; of the first where they are taken out. */
  touches: string[];
}

/** What is otherwise in one build than in another, and the fittings that stay as they are. */
export interface Differences {
  all: Difference[];
  /** Fittings of the second build that are the same parts, plugged and set the same way. */
  stays: Fitting[];
}

/** Compares two builds of one model: parts by id, else by kind and name; leads by where they go. */
export function differences(from: Reading, to: Reading): Differences {
  const twin = twins(from, to);
  const all = [
    ...partDifferences(from, to, twin),
    ...leadDifferences(from, to, twin),
    ...settingDifferences(from, to, twin),
    ...channelDifferences(from, to),
  ];
  const touched = new Set(all.flatMap(({ touches }) => touches));
  return { all, stays: to.build.fittings.filter(({ id }) => !touched.has(id)) };
}

/** The fitting of the second build that stands where one of the first stood. */
export function twins({ index: before }: Reading, { index: after }: Reading): ReadonlyMap<string, string> {
  const free = new Set(after.pieces().map(({ fitting }) => fitting.id));
  const found = new Map<string, string>();
  const pieces = before.pieces();
  const pair = (id: string, other: string | undefined) => {
    if (other === undefined || !free.delete(other)) return;
    found.set(id, other);
  };
  for (const { fitting, kind } of pieces)
    if (free.has(fitting.id) && after.get(fitting.id).kind === kind) pair(fitting.id, fitting.id);
  for (const { fitting, kind } of pieces) {
    if (found.has(fitting.id)) continue;
    const other = after
      .pieces()
      .find(
        (each) =>
          each.kind === kind &&
          free.has(each.fitting.id) &&
          each.fitting.name.toLowerCase() === fitting.name.toLowerCase(),
      );
    pair(fitting.id, other?.fitting.id);
  }
  return found;
}

function partDifferences(
  { index: before }: Reading,
  { index: after }: Reading,
  twin: ReadonlyMap<string, string>,
): Difference[] {
  const kept = new Set(twin.values());
  return [
    ...before.pieces().flatMap(({ fitting, part }): Difference[] => {
      const other = twin.get(fitting.id);
      if (other === undefined)
        return [
          {
            id: `out:${fitting.id}`,
            kind: 'out',
            words: `The ${fitting.name} (${part.name}) comes out`,
            touches: [fitting.id],
          },
        ];
      const now = after.get(other).part;
      return now.id === part.id && now.name === part.name
        ? []
        : [
            {
              id: `swap:${other}`,
              kind: 'swap',
              words: `The ${fitting.name}: ${now.name} in the place of ${part.name}`,
              touches: [other],
            },
          ];
    }),
    ...after.pieces().flatMap(({ fitting, part }): Difference[] =>
      kept.has(fitting.id)
        ? []
        : [
            {
              id: `in:${fitting.id}`,
              kind: 'in',
              words: `The ${fitting.name} (${part.name}) goes in`,
              touches: [fitting.id],
            },
          ],
    ),
  ];
}

const refKey = ({ fitting, port }: PortRef): string => `${fitting}.${port}`;
const leadKey = (from: PortRef, to: PortRef): string => [refKey(from), refKey(to)].sort().join(' ');

function leadDifferences(before: Reading, after: Reading, twin: ReadonlyMap<string, string>): Difference[] {
  const mapped = (ref: PortRef): PortRef => ({
    ...ref,
    fitting: twin.get(ref.fitting) ?? `gone ${ref.fitting}`,
  });
  const old = new Map(
    before.build.leads.map((lead) => [leadKey(mapped(lead.from), mapped(lead.to)), lead] as const),
  );
  const now = new Map(after.build.leads.map((lead) => [leadKey(lead.from, lead.to), lead] as const));
  const came = new Set([...now].flatMap(([key, lead]) => (old.has(key) ? [] : [lead])));
  const moves: Difference[] = [];
  const went: Lead[] = [];
  for (const [key, lead] of old) {
    if (now.has(key)) continue;
    const moved = [...came].find((other) =>
      [lead.from, lead.to].some((a) =>
        [other.from, other.to].some((b) => refKey(mapped(a)) === refKey(b) && isOwnEnd(after, b)),
      ),
    );
    if (!moved) {
      went.push(lead);
      continue;
    }
    came.delete(moved);
    moves.push(moveOf({ before, after, lead, moved, mapped }));
  }
  return [
    ...went.map((lead): Difference => ({
      id: `unplug:${lead.id}`,
      kind: 'unplug',
      words: `Unplug ${endWords(before, lead)}${orderWords(lead)}`,
      touches: [lead.from, lead.to].flatMap(({ fitting }) => twin.get(fitting) ?? []),
    })),
    ...moves,
    ...[...came].map((lead): Difference => ({
      id: `plug:${lead.id}`,
      kind: 'plug',
      words: `Plug ${endWords(after, lead)}`,
      touches: [lead.from.fitting, lead.to.fitting, lead.id],
    })),
    ...[...now].flatMap(([key, lead]): Difference[] => {
      const was = old.get(key);
      return was && wiring(was) !== wiring(lead)
        ? [
            {
              id: `wire:${lead.id}`,
              kind: 'wire',
              words: `Wires between ${endWords(after, lead)}: ${wiring(lead)}; they were ${wiring(was)}`,
              touches: [lead.from.fitting, lead.to.fitting, lead.id],
            },
          ]
        : [];
    }),
  ];
}

/** Whether a port is the lead of a part's own, and not a place where any may be plugged. */
const isOwnEnd = ({ index }: Reading, ref: PortRef): boolean => index.owner(ref).kind !== 'receiver';

interface Moved {
  before: Reading;
  after: Reading;
  lead: Lead;
  moved: Lead;
  mapped: (ref: PortRef) => PortRef;
}

function moveOf({ before, after, lead, moved, mapped }: Moved): Difference {
  const stays = [moved.from, moved.to].find((end) =>
    [lead.from, lead.to].some((was) => refKey(mapped(was)) === refKey(end)),
  )!;
  const there = stays === moved.from ? moved.to : moved.from;
  const was = [lead.from, lead.to].find((end) => refKey(mapped(end)) !== refKey(stays))!;
  return {
    id: `move:${moved.id}`,
    kind: 'move',
    words: `The plug of the ${after.index.get(stays.fitting).fitting.name} moves from ${portWords(before.index, was)} to ${portWords(after.index, there)}`,
    touches: [moved.from.fitting, moved.to.fitting, moved.id],
  };
}

const endWords = ({ index }: Reading, { from, to }: Lead): string =>
  `the ${index.get(from.fitting).fitting.name} and ${portWords(index, to)}`;

/** The order of the wires, to be written on the label before they are pulled. */
const orderWords = ({ conductors }: Lead): string =>
  conductors.length > 1
    ? `; label it, wires in this order: ${conductors.map(({ colour }) => colour).join(', ')}`
    : '';

const wiring = ({ conductors }: Lead): string =>
  conductors
    .map(
      ({ from, to, state, colour }) =>
        `${colour} ${!isJoined({ state }) ? state : from === to ? `on ${to}` : `${from} on ${to}`}${state === 'spliced' ? ', spliced' : ''}`,
    )
    .join(', ');

const settings = [
  'regulatorVolts',
  'cutoff',
  'running',
  'brake',
  'isReversed',
  'protocol',
  'memory',
  'boundTo',
] as const;
const settingWords: Record<(typeof settings)[number], string> = {
  regulatorVolts: 'regulator volts',
  cutoff: 'cut-off',
  running: 'running mode',
  brake: 'brake',
  isReversed: 'direction',
  protocol: 'link',
  memory: 'memory',
  boundTo: 'bound to',
};

function settingDifferences(
  { index: before }: Reading,
  { index: after }: Reading,
  twin: ReadonlyMap<string, string>,
): Difference[] {
  return [...twin].flatMap(([was, now]) => {
    const [old, fresh] = [before.get(was).fitting, after.get(now).fitting];
    return settings.flatMap((key): Difference[] =>
      old[key] === fresh[key]
        ? []
        : [
            {
              id: `setting:${now}:${key}`,
              kind: 'setting',
              words: `Set the ${fresh.name}: ${settingWords[key]} ${valueWords(fresh[key])}, it was ${valueWords(old[key])}`,
              touches: [now],
            },
          ],
    );
  });
}

const valueWords = (value: string | number | boolean | undefined): string =>
  value === undefined ? 'not set' : value === true ? 'reversed' : value === false ? 'normal' : String(value);

function channelDifferences(before: Reading, after: Reading): Difference[] {
  const [old, now] = [before, after].map(
    (context) => new Map(channelTable(context).map((row) => [row.channel, row])),
  );
  const channels = [...new Set([...old!.keys(), ...now!.keys()])].sort((a, b) => a - b);
  return channels.flatMap((channel): Difference[] => {
    const [was, is] = [old!, now!].map((table) => {
      const row = table.get(channel);
      if (!row) return 'free';
      return [nameList(row.inputs.map((input) => input.function.name)), ...row.words].join(', ');
    });
    return was === is
      ? []
      : [
          {
            id: `channel:${channel}`,
            kind: 'channel',
            words: `Channel ${channel}: ${is}; it was ${was}`,
            touches: now!.get(channel)?.devices.map(({ fitting }) => fitting.id) ?? [],
          },
        ];
  });
}
