import { connectorFamily, connectorFamilyIds, type ConnectorFamilyId } from '../../connectors/families';
import { channelSettings } from './transmitter';
import { numberOptions, plainOptions, sheetChoice, sheetSet } from '../sheet-choice';
import { changed, describeKind } from '../kind';

const ownPlugs = [
  { value: '', text: 'unknown' },
  ...connectorFamilyIds.map((id) => ({ value: id, text: connectorFamily(id).name })),
];

export const transmitterKind = describeKind<'transmitter'>({
  kind: 'transmitter',
  words: { one: 'transmitter', many: 'Transmitters' },
  terminals: () => ({ consumes: [] }),
  signal: () => undefined,
  fields: () => [{ path: 'throwMicros', label: 'Travel at 100 %, from the centre', unit: 'µs', scale: 1 }],
  choices: (part) => [
    sheetChoice('channels', 'Channels', String(part.channels), numberOptions(1, 18), (value) =>
      changed(part, { channels: Number(value) }),
    ),
    sheetChoice(
      'endPoints',
      'End points on the first',
      part.endPointChannels === undefined ? 'unknown' : String(part.endPointChannels),
      numberOptions(0, Math.max(part.channels, part.endPointChannels ?? 0)),
      (value) => (value === 'unknown' ? part : changed(part, { endPointChannels: Number(value) })),
    ),
    sheetChoice('plug:own', 'Plug of its own pack', part.ownPlug ?? '', ownPlugs, (value) => {
      const { ownPlug: _, ...rest } = part;
      return value === '' ? rest : { ...rest, ownPlug: value as ConnectorFamilyId };
    }),
  ],
  sets: (part) => [sheetSet(part, 'settings', 'Sets on a channel', plainOptions(channelSettings))],
  blank: ({
    endPointChannels,
    modelMemories,
    freeMixes,
    settings,
    ownCells,
    ownPlug,
    throwMicros,
    ...usual
  }) => ({
    ...usual,
    protocols: [],
    controls: [],
  }),
  elements: () => [],
  column: 'outside',
  lines: () => [],
  chosen: 6,
  seen: 11,
  brief: 'Transmitter',
  decides: ({ protocols }) => [protocols.join(', ')],
  isDelicate: false,
});
