import { ampsField } from '../parts/sheet-field';
import { describeKind } from './kind';

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
  isDelicate: true,
});
