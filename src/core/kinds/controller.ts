import { controllerFigures } from '../circuit/values/drive-values';
import { ampsField, voltsField } from '../parts/sheet-field';
import { describeKind } from './kind';
import {
  regulatedTerminals,
  regulatorChoice,
  regulatorElements,
  regulatorFields,
  regulatorLine,
  regulatorMoment,
} from './regulated';

export const controllerKind = describeKind<'controller'>({
  kind: 'controller',
  words: { one: 'controller', many: 'Controllers' },
  terminals: regulatedTerminals,
  signal: () => 'signal',
  signalGround: (part) =>
    part.isolatedInput
      ? part.ports
          .find((port) => port.pins.some((pin) => pin.net === 'signal'))
          ?.pins.find((pin) => pin.name === 'minus')?.net
      : 'ground',
  fields: (part) => [
    voltsField('minInputVolts', 'Least input'),
    voltsField('maxInputVolts', 'Most input'),
    ampsField('continuousAmps', 'Continuous'),
    ...regulatorFields(part.regulator, 'BEC gives', 'BEC sheds'),
  ],
  choices: regulatorChoice,
  blank: ({ modes, cutoffModes, turnLimits, cellLimits, quiescentAmps, isolatedInput, ...usual }) => usual,
  elements: (site, part) => {
    const { fitted, node, conditions, estimates } = site;
    return [
      ...(part.regulator ? regulatorElements(site, part.regulator) : []),
      {
        kind: 'controller',
        id: fitted.fitting.id,
        from: node('power+'),
        to: node('m1'),
        ground: node('ground'),
        duty: conditions.duty(fitted.fitting.id),
        ...controllerFigures(fitted, estimates),
        // What its motors do once the throttle is let go counts on the way only.
        ...(conditions.command && {
          freewheel: true,
          dragBrake: fitted.fitting.brake === 'dragBrake' ? 1 : 0,
        }),
      },
    ];
  },
  momentKey: regulatorMoment,
  column: 'drive',
  lines: (part, { regulator, redWire }) => [
    `${part.drives}${part.continuousAmps ? `, ${part.continuousAmps.value} A` : ''}`,
    ...(part.regulator && regulator !== undefined
      ? [regulatorLine(part.regulator, regulator), `red wire ${redWire}`]
      : ['no BEC']),
  ],
  isDelicate: true,
});
