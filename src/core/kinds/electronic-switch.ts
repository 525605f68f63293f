import { plainLoad } from '../circuit/plain-load';
import { ownAmps } from '../circuit/values/own-amps';
import { ampsField, voltsField } from '../parts/sheet-field';
import { limits } from '../parts/terminals';
import { formatQuantity } from '../quantity/format';
import { describeKind } from './kind';

export const electronicSwitchKind = describeKind<'electronicSwitch'>({
  kind: 'electronicSwitch',
  words: { one: 'switch', many: 'Switches' },
  terminals: (part) => ({
    consumes: [
      {
        id: 'supply',
        plus: 'logic+',
        minus: 'ground',
        signal: 'signal',
        ...limits(part.minVolts, part.maxVolts),
      },
      { id: 'feed', plus: 'feed+', minus: 'ground', ...limits(undefined, part.maxFeedVolts) },
    ],
  }),
  signal: () => 'signal',
  fields: (part) => [
    voltsField('minVolts', 'Least on its lead'),
    voltsField('maxVolts', 'Most on its lead'),
    voltsField('maxFeedVolts', 'Switches up to'),
    ampsField('amps', 'Draws'),
    ...part.ports.flatMap(({ flow, name }, n) =>
      flow === 'out' ? [ampsField(`ports.${n}.maxAmps`, `Most from its ${name}`)] : [],
    ),
  ],
  choices: () => [],
  draws: ({ amps }) => (amps ? { running: amps, stalled: amps } : { missing: 'amps' }),
  elements: ({ fitted, node, estimates }, part) => [
    plainLoad(
      fitted.fitting.id,
      node('logic+'),
      node('ground'),
      ownAmps(fitted, part.amps, 'electronicSwitch', estimates),
      3,
    ),
  ],
  column: 'drive',
  lines: (_, { feedVolts }) => [
    feedVolts === undefined ? 'nothing to switch' : `switches ${formatQuantity(feedVolts, 'V')}`,
  ],
  isDelicate: true,
});
