import { nameList } from '../../../base/words/sentences';
import { describeKind } from '../kind';
import { ampsField } from '../../parts/sheet-field';

export const boardKind = describeKind<'board'>({
  kind: 'board',
  words: { one: 'board', many: 'Boards' },
  // What sits on it takes and gives for itself.
  terminals: () => ({ consumes: [] }),
  signal: () => undefined,
  fields: ({ ports }) => [
    ampsField('maxAmps', 'All outputs together'),
    ...ports.flatMap(({ name, flow, use }, n) =>
      flow === 'out' && use === 'power' ? [ampsField(`ports.${n}.maxAmps`, `Most from ${name}`)] : [],
    ),
  ],
  choices: () => [],
  blank: ({ id, kind, name }) => ({ id, kind, name, ports: [], components: [] }),
  elements: () => [],
  column: 'drive',
  lines: () => [],
  seen: 7,
  brief: 'All-in-one board',
  decides: ({ components }) => [nameList(components.map(({ name }) => name))],
  isDelicate: true,
});
