import { connectorFamily } from '../connectors/families';
import type { CheckContext } from '../findings/context';
import { formatQuantity } from '../quantity/format';
import { channelTable } from '../radio/channel-table';
import { nameList } from '../words/sentences';
import type { SheetTable } from './sheet-table';

/** What the transmitter is set to for this model: the memory, the link, and every channel with all its values. */
export function radioSheet(context: CheckContext): SheetTable[] {
  const { build, index } = context;
  const memories = index
    .ofKind('transmitter')
    .map(({ fitting, part }) => [
      fitting.name,
      fitting.memory === undefined ? '' : String(fitting.memory),
      build.name,
      fitting.protocol ?? part.protocols.join(' or '),
      fitting.alarmVolts === undefined ? '' : formatQuantity(fitting.alarmVolts, 'V'),
      [part.ownCells, part.ownPlug && connectorFamily(part.ownPlug).name].filter(Boolean).join(', '),
    ]);
  return [
    ...(memories.length > 0
      ? [
          {
            title: 'Radio',
            heads: ['Transmitter', 'Memory', 'Model', 'Link', 'Warns below', 'Runs on'],
            rows: memories,
          },
        ]
      : []),
    {
      title: 'Channels',
      heads: ['Channel', 'Function', 'Control', 'Port', 'Works', 'Set to', 'Pulses, µs', 'Fail-safe'],
      rows: channelTable(context).map((row) => {
        const { low, centre, high } = row.setting.measured ?? {};
        const isMeasured = low !== undefined || centre !== undefined || high !== undefined;
        const { pulses } = row;
        return [
          String(row.channel),
          nameList(row.inputs.map((input) => input.function.name)),
          nameList(row.inputs.map(({ control }) => control ?? '?')),
          nameList(row.ports) || 'not plugged in',
          nameList(row.devices.map(({ fitting }) => fitting.name)) || 'nothing yet',
          row.words.join('; ') || 'as in a fresh memory',
          [pulses.low, pulses.centre, pulses.high].map((each) => each.toFixed(0)).join(', ') +
            (isMeasured
              ? `; measured ${[low, centre, high].map((each) => each?.toFixed(0) ?? '–').join(', ')}`
              : ''),
          row.failSafe,
        ];
      }),
    },
  ];
}
