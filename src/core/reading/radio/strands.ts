import type { Reading } from '../build-reading/reading';
import { capital } from '../../base/words/sentences';
import { signalPort } from '../survey/own-ports';
import { channelRows, type ChannelRow } from './channel-table';
import { mostChannels, radioHeardBy, type Radio } from './radios';
import { channelsOf } from './channel-inputs';
import { wiredHome } from './wired-home';

export const strandColumns = ['control', 'function', 'channel', 'part'] as const;
export type StrandColumn = (typeof strandColumns)[number];

/** Something that strands run between. */
export interface StrandSpot {
  column: StrandColumn;
  /** A control's, a function's or a fitting's id, or the number of a channel. */
  id: string;
  label: string;
  /** What is said of it in small; nothing where there is nothing to say. */
  note: string;
  /** Its place in its column, from the top. */
  row: number;
  /** Nothing runs through it. */
  isIdle: boolean;
}

/** From one spot to one of the next column. */
interface Strand {
  from: Pick<StrandSpot, 'column' | 'id'>;
  to: Pick<StrandSpot, 'column' | 'id'>;
  /** Functions that it carries. */
  functions: string[];
  /** Share of a mix: `−60 %`; nothing where it is all of one function. */
  share: string;
  /** Planned, and not plugged in yet. */
  isOnlyMeant: boolean;
}

export interface StrandPicture {
  spots: StrandSpot[];
  strands: Strand[];
  rows: number;
}

/** Channels that stand in the picture though nothing uses them, so that there is room to put something on. */
const mostIdleChannels = 4;

/** A radio from the thumb to the part: controls, functions, channels, parts, and what runs from one to the next. */
export function strandPicture(context: Reading, radio: Radio): StrandPicture {
  const { index, survey } = context;
  const table = channelRows(context, radio);
  const { transmitter } = radio;
  const controls = transmitter?.part.controls ?? [];
  const firstOf = (id: string) => {
    const found = radio.functions.find((each) => each.id === id);
    return (found && channelsOf(radio, found)[0]) ?? Infinity;
  };
  const functions = [...radio.functions].sort((a, b) => byNumber(firstOf(a.id), firstOf(b.id)));
  const functionRow = new Map(functions.map(({ id }, n) => [id, n]));
  const controlRow = (id: string) =>
    Math.min(
      Infinity,
      ...functions.filter(({ control }) => control === id).map((each) => functionRow.get(each.id)!),
    );
  const parts = partsOf(radio, table);
  const isPluggedIn = (id: string) => {
    const port = signalPort(index.get(id));
    return port !== undefined && index.leadAt(port) !== undefined;
  };
  const spots = [
    ...column(
      'control',
      [...controls].sort((a, b) => byNumber(controlRow(a.id), controlRow(b.id))),
      ({ id, name }) => ({ id, label: capital(name), note: '', isIdle: controlRow(id) === Infinity }),
    ),
    ...column('function', functions, ({ id, name, control, devices }) => ({
      id,
      label: name,
      note: control === undefined ? 'no control yet' : devices.length === 0 ? 'no part yet' : '',
      isIdle: false,
    })),
    ...column('channel', shownChannels(context, radio, table), (channel) => {
      const row = table.find((each) => each.channel === channel);
      return {
        id: String(channel),
        label: `Channel ${channel}`,
        note: row ? row.words.filter((words) => !words.startsWith('mixed from')).join('; ') : 'free',
        isIdle: !row,
      };
    }),
    ...column('part', parts, (id) => {
      const { fitting } = index.get(id);
      const heard = survey.signalOf(id);
      return {
        id,
        label: capital(fitting.name),
        note: heard ? heard.port.name : isPluggedIn(id) ? 'gets no signal' : 'not plugged in',
        isIdle: false,
      };
    }),
  ];
  const byColumn = (name: StrandColumn) => spots.filter((spot) => spot.column === name).length;
  return {
    spots,
    strands: strandsOf(context, radio, table, parts),
    rows: Math.max(...strandColumns.map(byColumn)),
  };
}

const byNumber = (a: number, b: number): number => (a === b ? 0 : a - b);

function column<T>(
  name: StrandColumn,
  list: readonly T[],
  spotOf: (item: T) => Omit<StrandSpot, 'column' | 'row'>,
): StrandSpot[] {
  return list.map((item, row) => ({ column: name, row, ...spotOf(item) }));
}

/** Channels in use, and the first free ones that the radio has. */
function shownChannels(context: Reading, radio: Radio, table: readonly ChannelRow[]): number[] {
  const used = table.map(({ channel }) => channel);
  const free = Array.from({ length: mostChannels(context, radio) }, (_, n) => n + 1).filter(
    (channel) => !used.includes(channel),
  );
  return [...used, ...free.slice(0, mostIdleChannels)].sort((a, b) => a - b);
}

/** Parts that hear a channel or are meant to, in the order of their channels; those without one last. */
function partsOf({ functions }: Radio, table: readonly ChannelRow[]): string[] {
  const withChannel = table.flatMap(({ devices }) => devices.map(({ fitting }) => fitting.id));
  return [...new Set([...withChannel, ...functions.flatMap(({ devices }) => devices)])];
}

function strandsOf(
  { build, survey }: Reading,
  radio: Radio,
  table: readonly ChannelRow[],
  parts: readonly string[],
): Strand[] {
  const known = new Set(radio.transmitter?.part.controls.map(({ id }) => id));
  const isMixed = ({ inputs }: ChannelRow) =>
    inputs.length > 1 || inputs.some(({ percent }) => percent !== 100);
  return [
    ...radio.functions.flatMap(({ id, control }): Strand[] =>
      control !== undefined && known.has(control)
        ? [strand(['control', control], ['function', id], [id])]
        : [],
    ),
    ...table.flatMap((row) =>
      row.inputs.map(({ function: { id }, percent }) => ({
        ...strand(['function', id], ['channel', String(row.channel)], [id]),
        share: isMixed(row) ? `${percent.toFixed(0).replace('-', '−')} %` : '',
      })),
    ),
    ...parts.flatMap((id): Strand[] => {
      const path = survey.signalOf(id);
      const isOnOther = path && radioHeardBy({ build, survey }, path.receiver).owner !== radio.owner;
      const heard = isOnOther ? undefined : path?.port.channel;
      const meant = radio.functions.flatMap((each) =>
        each.devices.includes(id) ? (wiredHome({ build, survey }, each, id) ?? []) : [],
      );
      return [...new Set([...(heard === undefined ? [] : [heard]), ...meant])].map((channel) => ({
        ...strand(
          ['channel', String(channel)],
          ['part', id],
          table.find((row) => row.channel === channel)?.inputs.map((input) => input.function.id) ?? [],
        ),
        isOnlyMeant: channel !== heard,
      }));
    }),
  ];
}

const strand = (
  [column, id]: [StrandColumn, string],
  [toColumn, toId]: [StrandColumn, string],
  functions: string[],
): Strand => ({
  from: { column, id },
  to: { column: toColumn, id: toId },
  functions,
  share: '',
  isOnlyMeant: false,
});
