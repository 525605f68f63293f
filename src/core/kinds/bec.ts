import { voltsField } from '../parts/sheet-field';
import { describeKind } from './kind';
import {
  regulatedTerminals,
  regulatorChoice,
  regulatorElements,
  regulatorFields,
  regulatorLine,
  regulatorMoment,
} from './regulated';

export const becKind = describeKind<'bec'>({
  kind: 'bec',
  words: { one: 'BEC', many: 'BECs' },
  terminals: regulatedTerminals,
  signal: () => undefined,
  fields: (part) => [
    voltsField('minInputVolts', 'Least input'),
    voltsField('maxInputVolts', 'Most input'),
    ...regulatorFields(part.regulator, 'Gives', 'Sheds'),
  ],
  choices: regulatorChoice,
  elements: (site, part) => regulatorElements(site, part.regulator),
  momentKey: regulatorMoment,
  column: 'drive',
  lines: (part, { regulator }) => [regulatorLine(part.regulator, regulator ?? '')],
  isDelicate: true,
});
