import { presumedOfController } from './usual-controller';
import { formatQuantity } from '../../../base/quantity/format';
import { changed, describeKind } from '../kind';
import { controllerFigures } from '../motor/motor-values';
import {
  armingPositions,
  canDrive,
  drivenKinds,
  programmings,
  wireCount,
  type ControllerSpec,
} from './controller';
import type { ControllerMode } from '../../parts/controller-modes';
import type { PinName } from '../../parts/port';
import { chemistries } from '../../packs/chemistry';
import { openChoice, plainOptions, sheetChoice, sheetSet, yesOrNo } from '../sheet-choice';
import { ampsField, voltsField } from '../../parts/sheet-field';
import {
  regulatedTerminals,
  regulatorChoice,
  regulatorElements,
  regulatorFields,
  regulatorLine,
  regulatorMoment,
  regulatorTypeChoice,
} from '../regulated/regulated';

/** What people call the ways that a throttle can be set to work. */
const modeWords: Record<ControllerMode, string> = {
  reverse: 'brake, then reverse',
  instantReverse: 'reverse at once',
  noReverse: 'no reverse',
  brake: 'brake',
  dragBrake: 'drag brake',
};
const drivenOptions = drivenKinds.map((value) => ({
  value,
  text: value === 'both' ? 'brushed and brushless' : value,
}));
const modeOptions = Object.entries(modeWords).map(([value, text]) => ({ value, text }));

/** The same controller for another kind of motor: its motor leads are two or three. */
function withDrives(part: ControllerSpec, value: string): ControllerSpec {
  const drives = drivenKinds.find((kind) => kind === value) ?? part.drives;
  const names: readonly PinName[] = ['a', 'b', 'c'];
  const pins = names.slice(0, wireCount(drives)).map((name, n) => ({ name, net: `m${n + 1}` }));
  return changed(part, {
    drives,
    ports: part.ports.map((port) => (port.use === 'motor' ? { ...port, pins } : port)),
  });
}

export const controllerKind = describeKind<'controller'>({
  kind: 'controller',
  words: { one: 'controller', many: 'Speed controllers' },
  terminals: regulatedTerminals,
  signal: () => 'signal',
  signalGround: (part) =>
    part.isolatedInput
      ? part.ports
          .find((port) => port.pins.some((pin) => pin.net === 'signal'))
          ?.pins.find((pin) => pin.name === 'minus')?.net
      : 'ground',
  fields: (part) => [
    voltsField('minInputVolts', 'Min voltage'),
    voltsField('maxInputVolts', 'Max voltage'),
    ampsField('continuousAmps', 'Continuous current'),
    ampsField('burstAmps', 'Burst current'),
    ampsField('quiescentAmps', 'Own current'),
    ...regulatorFields(part.regulator, 'BEC gives', 'BEC sheds'),
  ],
  choices: (part) => [
    sheetChoice('drives', 'Drives', part.drives, drivenOptions, (value) => withDrives(part, value)),
    regulatorTypeChoice(part),
    ...regulatorChoice(part),
    openChoice(part, 'armsAt', 'Arms with the stick at', armingPositions),
    yesOrNo(part, 'oneWay', 'One way only'),
    ...(canDrive(part, 'brushless') ? [yesOrNo(part, 'sensored', 'Takes a sensored lead')] : []),
    yesOrNo(part, 'synchronous', 'Gives back while slowing'),
    yesOrNo(part, 'isolatedInput', 'Isolated receiver lead'),
    yesOrNo(part, 'switchLead', 'Switch on its own lead'),
  ],
  sets: (part) => [
    sheetSet(part, 'modes', 'Can be set to', modeOptions),
    sheetSet(part, 'cutoffModes', 'Cut-off for', plainOptions(chemistries)),
    sheetSet(part, 'programming', 'Set by', plainOptions(programmings)),
  ],
  blank: ({ id, kind, name, ports, drives, regulator }) => ({
    id,
    kind,
    name,
    ports,
    drives,
    ...(regulator && { regulator }),
  }),
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
          ...(part.synchronous ? { synchronous: true } : { freewheel: true }),
          dragBrake: fitted.fitting.brake === 'dragBrake' ? 1 : 0,
        }),
      },
    ];
  },
  momentKey: regulatorMoment,
  column: 'drive',
  lines: (part, { regulator, redWire }) => [
    `${part.drives === 'both' ? 'brushed or brushless' : part.drives}${part.continuousAmps ? `, ${part.continuousAmps.value} A` : ''}`,
    ...(part.regulator && regulator !== undefined
      ? [regulatorLine(part.regulator, regulator), `red wire ${redWire}`]
      : ['no BEC']),
  ],
  chosen: 3,
  seen: 2,
  decides: ({ continuousAmps, regulator }) => [
    ...(continuousAmps ? [formatQuantity(continuousAmps.value, 'A')] : []),
    regulator
      ? `BEC ${regulator.voltsChoices.join(', ')} V, ${formatQuantity(regulator.maxAmps.value, 'A')}`
      : 'no BEC',
  ],
  usual: presumedOfController,
  isDelicate: true,
});
