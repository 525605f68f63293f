import { connectorFamily } from '../../model/connectors/families';
import type { Reading } from '../../reading/build-reading/reading';
import { formatQuantity } from '../../base/quantity/format';
import { channelRows } from '../../reading/radio/channel-table';
import { radiosOf } from '../../reading/radio/radios';
import { transmitterOf } from '../../reading/radio/partners';
import { nameList } from '../../base/words/sentences';
import type { SheetTable } from './sheet-table';

/** What the transmitter is set to for this model: the memory, the link, and every channel with all its values. */
export function radioSheet(context: Reading): SheetTable[] {
  const { build, index } = context;
  const memories = index.ofKind('transmitter').map((transmitter) => {
    const { fitting, part } = transmitter;
    const bound = index.ofKind('receiver').filter((each) => transmitterOf(index, each) === transmitter);
    return [
      fitting.name,
      fitting.memory === undefined ? '' : String(fitting.memory),
      build.name,
      fitting.protocol ?? part.protocols.join(' or '),
      nameList(bound.map((receiver) => receiver.fitting.name)),
      fitting.alarmVolts === undefined ? '' : formatQuantity(fitting.alarmVolts, 'V'),
      [part.ownCells, part.ownPlug && connectorFamily(part.ownPlug).name].filter(Boolean).join(', '),
    ];
  });
  return [
    ...(memories.length > 0
      ? [
          {
            title: 'Radio',
            heads: ['Transmitter', 'Memory', 'Model', 'Link', 'Bound to it', 'Low-voltage alarm', 'Runs on'],
            rows: memories,
          },
        ]
      : []),
    ...channelSheets(context),
  ];
}

/** The channel table of each radio, under its name where there are several. */
export const channelSheets = (context: Reading): SheetTable[] =>
  radiosOf(context).map((radio, _, all) => ({
    title: all.length === 1 ? 'Channels' : `Channels of the ${radio.transmitter?.fitting.name}`,
    heads: ['Channel', 'Function', 'Control', 'Port', 'Works', 'Set to', 'Pulses, µs', 'Fail-safe'],
    rows: channelRows(context, radio).map((row) => {
      const { low, centre, high } = row.setting.measured ?? {};
      const isMeasured = low !== undefined || centre !== undefined || high !== undefined;
      const { pulses } = row;
      return [
        String(row.channel),
        nameList(row.inputs.map((input) => input.function.name)),
        nameList(row.inputs.map(({ control }) => control ?? '?')),
        nameList(row.ports) || 'not plugged in',
        nameList(row.devices.map(({ fitting }) => fitting.name)) || 'nothing yet',
        `${row.words.join('; ') || 'as in a fresh memory'}${row.setting.isRead ? ', read off it' : ''}`,
        [pulses.low, pulses.centre, pulses.high].map((each) => each.toFixed(0)).join(', ') +
          (isMeasured
            ? `; measured ${[low, centre, high].map((each) => each?.toFixed(0) ?? '–').join(', ')}`
            : ''),
        row.failSafe,
      ];
    }),
  }));
