import { channelSettings } from '../parts/transmitter';
import { numberOptions, plainOptions, sheetChoice, sheetSet } from '../parts/sheet-choice';
import { changed, describeKind } from './kind';

export const transmitterKind = describeKind<'transmitter'>({
  kind: 'transmitter',
  words: { one: 'transmitter', many: 'Transmitters' },
  terminals: () => ({ consumes: [] }),
  signal: () => undefined,
  fields: () => [{ path: 'throwMicros', label: '100 % is, from the centre', unit: 'µs', scale: 1 }],
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
  ],
  sets: (part) => [sheetSet(part, 'settings', 'Sets on a channel', plainOptions(channelSettings))],
  blank: ({ endPointChannels, modelMemories, freeMixes, settings, ownCells, throwMicros, ...usual }) => ({
    ...usual,
    protocols: [],
    controls: [],
  }),
  elements: () => [],
  column: 'outside',
  lines: () => [],
  isDelicate: false,
});
