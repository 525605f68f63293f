import { formatQuantity } from '../../../base/quantity/format';
import { changed, describeKind } from '../kind';
import { voltsField } from '../../parts/sheet-field';
import { regulatorTypes } from '../../parts/regulator';
import { plainOptions, sheetChoice } from '../sheet-choice';
import {
  regulatedTerminals,
  regulatorChoice,
  regulatorElements,
  regulatorFields,
  regulatorLine,
  regulatorMoment,
} from '../regulated/regulated';

export const becKind = describeKind<'bec'>({
  kind: 'bec',
  words: { one: 'BEC', many: 'BECs' },
  terminals: regulatedTerminals,
  signal: () => undefined,
  fields: (part) => [
    voltsField('minInputVolts', 'Min input voltage'),
    voltsField('maxInputVolts', 'Max input voltage'),
    ...regulatorFields(part.regulator, 'Gives', 'Sheds'),
  ],
  choices: (part) => [
    sheetChoice('type', 'It is', part.regulator.type, plainOptions(regulatorTypes), (value) =>
      changed(part, {
        regulator: {
          ...part.regulator,
          type: regulatorTypes.find((type) => type === value) ?? part.regulator.type,
        },
      }),
    ),
    ...regulatorChoice(part),
  ],
  elements: (site, part) => regulatorElements(site, part.regulator),
  momentKey: regulatorMoment,
  column: 'drive',
  lines: (part, { regulator }) => [regulatorLine(part.regulator, regulator ?? '')],
  chosen: 4,
  seen: 6,
  brief: 'Separate BEC',
  decides: ({ regulator }) => [
    `${regulator.voltsChoices.join(', ')} V`,
    formatQuantity(regulator.maxAmps.value, 'A'),
  ],
  isDelicate: true,
});
