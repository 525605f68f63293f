import { presumedOfMotor } from './usual-motor';
import { changed, describeKind } from '../kind';
import { motorFigures } from './motor-values';
import { motorKinds } from './motor';
import { plainOptions, sheetChoice, yesOrNo } from '../sheet-choice';
import { ampsField, millimetresField, voltsField } from '../../parts/sheet-field';
import { formatQuantity } from '../../../base/quantity/format';

export const motorKind = describeKind<'motor'>({
  kind: 'motor',
  words: { one: 'motor', many: 'Motors' },
  terminals: () => ({ consumes: [] }),
  signal: () => undefined,
  fields: (part) => [
    { path: 'kv', label: 'Speed, KV', unit: 'rev/min per V', scale: 1 },
    ...(part.motorKind === 'brushed' ? [{ path: 'turns', label: 'Turns', unit: 'turns', scale: 1 }] : []),
    ampsField('fullLoadAmps', 'At full load'),
    voltsField('fullLoadVolts', 'Amps taken at'),
    ampsField('stallAmps', 'Stall current'),
    ampsField('noLoadAmps', 'With no load'),
    { path: 'windingOhms', label: 'Windings', unit: 'mΩ', scale: 0.001 },
    voltsField('maxVolts', 'Max voltage'),
    { path: 'maxSpeed', label: 'Most speed', unit: 'rev/min', scale: 1 },
    millimetresField('shaftDiameter', 'Shaft'),
  ],
  choices: (part) => [
    sheetChoice('motorKind', 'Kind', part.motorKind, plainOptions(motorKinds), (value) =>
      changed(part, { motorKind: motorKinds.find((kind) => kind === value) ?? part.motorKind }),
    ),
    ...(part.motorKind === 'brushless' ? [yesOrNo(part, 'sensored', 'Sensored')] : []),
  ],
  blank: ({ sensored, ...usual }) => usual,
  elements: ({ fitted, estimates, conditions, motorVolts, motorEnds, loadOf }) => {
    if (motorVolts === undefined) return [];
    const figures = motorFigures(fitted, motorVolts, loadOf, estimates, conditions.presumes);
    if (!figures) return { missing: `amps at full load of the ${fitted.fitting.name}` };
    const [from, to] = motorEnds;
    return [{ kind: 'motor', id: fitted.fitting.id, from, to, ...figures }];
  },
  column: 'radio',
  lines: (part) =>
    part.fullLoadAmps ? [`${formatQuantity(part.fullLoadAmps.value, 'A')} full ahead`] : [part.motorKind],
  chosen: 2,
  seen: 3,
  brief: 'Motor',
  decides: ({ fullLoadAmps }) =>
    fullLoadAmps ? [`${formatQuantity(fullLoadAmps.value, 'A')} at full load`] : [],
  usual: presumedOfMotor,
  isDelicate: false,
});
