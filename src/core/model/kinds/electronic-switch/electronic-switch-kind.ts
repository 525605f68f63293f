import { describeKind } from '../kind';
import { plainLoad } from '../plain-load';
import { ownAmps } from '../own-amps';
import { asRelay, asSwitch, feedMinus, isRelay } from './electronic-switch';
import { sheetChoice } from '../sheet-choice';
import { ampsField, voltsField } from '../../parts/sheet-field';
import { limits } from '../../parts/terminals';
import { formatQuantity } from '../../../base/quantity/format';

export const electronicSwitchKind = describeKind<'electronicSwitch'>({
  kind: 'electronicSwitch',
  words: { one: 'switch', many: 'Switches' },
  terminals: (part) => ({
    consumes: [
      {
        id: 'supply',
        plus: 'logic+',
        minus: 'ground',
        ...(!isRelay(part) && { signal: 'signal' }),
        ...limits(part.minVolts, part.maxVolts),
      },
      { id: 'feed', plus: 'feed+', minus: feedMinus(part), ...limits(undefined, part.maxFeedVolts) },
    ],
  }),
  signal: (part) => (isRelay(part) ? undefined : 'signal'),
  fields: (part) => [
    voltsField('minVolts', isRelay(part) ? 'Pulls in at' : 'Least on its lead'),
    voltsField('maxVolts', isRelay(part) ? 'Most on its coil' : 'Most on its lead'),
    voltsField('maxFeedVolts', 'Switches up to'),
    ampsField('amps', isRelay(part) ? 'Coil draws' : 'Current'),
    ...part.ports.flatMap(({ flow, name }, n) =>
      flow === 'out' ? [ampsField(`ports.${n}.maxAmps`, `Most from its ${name}`)] : [],
    ),
  ],
  choices: (part) => [
    sheetChoice(
      'workedBy',
      'Worked by',
      isRelay(part) ? 'coil' : 'channel',
      [
        { value: 'channel', text: 'a receiver channel' },
        { value: 'coil', text: 'volts on its coil (a relay)' },
      ],
      (value) => (value === 'coil' ? asRelay(part) : asSwitch(part)),
    ),
  ],
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
  chosen: 8,
  seen: 9,
  decides: ({ amps }) => (amps ? [formatQuantity(amps.value, 'A')] : []),
  isDelicate: true,
  // Nothing on a receiver works a relay.
  replaces: (candidate, part) => isRelay(candidate) === isRelay(part),
  roleWord: (part) => (isRelay(part) ? 'relay' : 'switch'),
});
