import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import type { PartSpec } from '../../model/kinds/part-spec';
import { mixCount } from './mix-count';

const mixes = (count: number) => ({
  'transmitter-10': (part: PartSpec) => ({ ...part, freeMixes: count }) as PartSpec,
});
const both = (sign: number) => [
  { function: 'drive', percent: 100 },
  { function: 'steer', percent: sign * 60 },
];
/** Two channels that belong to no function, each with a share of both. */
const tank = (build: Build): Build => ({
  ...build,
  functions: build.functions.map(({ channel: _, ...rest }) => rest),
  channels: [
    { channel: 3, mix: both(1) },
    { channel: 4, mix: both(-1) },
  ],
});

testRule(mixCount, {
  valid: [
    { name: 'no mix', build: tub() },
    { name: 'as many as there are', build: tank(tub({ sheets: mixes(4) })) },
    {
      name: 'a sheet that does not say',
      build: tank(tub({ sheets: { 'transmitter-10': withoutFigure('freeMixes') } })),
      missing: ['how many mixes the transmitter has'],
    },
  ],
  invalid: [
    {
      name: 'one too few',
      build: tank(tub({ sheets: mixes(3) })),
      findings: [{ messageId: 'tooFewMixes', actual: 4, limit: 3, subjects: ['tx'], putRight: ['swap:tx'] }],
    },
  ],
});
