import { presumedOfLoad } from './usual-load';
import { changed, describeKind } from '../kind';
import { plainLoad } from '../plain-load';
import { ownAmps } from '../own-amps';
import { loadForms, type LoadForm } from './load';
import { ampsField, voltsField } from '../../parts/sheet-field';
import { limits } from '../../parts/terminals';
import { stated } from '../../../base/validation/figure';
import { formatQuantity } from '../../../base/quantity/format';
import { sheetChoice } from '../sheet-choice';

/** What a person calls each form. */
const loadWords: Record<LoadForm, string> = {
  pump: 'pump',
  lamps: 'lamps',
  horn: 'horn',
  videoSender: 'video sender',
  camera: 'camera',
  smoke: 'smoke maker',
  fan: 'fan',
  sound: 'sound board',
  electronics: 'electronics',
  capacitor: 'capacitor',
};

const listens = (part: { ports: { pins: { net: string }[] }[] }): boolean =>
  part.ports.some((port) => port.pins.some((pin) => pin.net === 'signal'));

export const loadKind = describeKind<'load'>({
  kind: 'load',
  words: { one: 'load', many: 'Pumps, lamps, horns' },
  terminals: (part) => ({
    consumes: [
      {
        id: 'supply',
        plus: 'plus',
        minus: 'minus',
        ...(listens(part) && { signal: 'signal' }),
        ...limits(part.minVolts, part.maxVolts),
      },
    ],
  }),
  signal: (part) => (listens(part) ? 'signal' : undefined),
  fields: ({ form }) =>
    form === 'capacitor'
      ? [voltsField('maxVolts', 'Max voltage'), { path: 'farads', label: 'Holds', unit: 'µF', scale: 1e-6 }]
      : [
          voltsField('minVolts', 'Min voltage'),
          voltsField('maxVolts', 'Max voltage'),
          ampsField('amps', 'Current'),
        ],
  choices: (part) => [
    sheetChoice(
      'form',
      'Kind of load',
      part.form,
      loadForms.map((form) => ({ value: form, text: loadWords[form] })),
      (value) => changed(part, { form: loadForms.find((form) => form === value) ?? part.form }),
    ),
  ],
  draws: ({ form, amps }) => {
    // A capacitor that is full draws nothing.
    const drawn = form === 'capacitor' ? stated(0) : amps;
    return drawn ? { running: drawn, stalled: drawn } : { missing: 'amps' };
  },
  elements: ({ fitted, node, conditions, estimates }, part) => {
    const { id } = fitted.fitting;
    if (part.form === 'capacitor')
      return part.farads
        ? [{ kind: 'capacitor', id, from: node('plus'), to: node('minus'), farads: part.farads.value }]
        : [];
    const amps = ownAmps(fitted, part.amps, 'load', estimates);
    const knee = part.minVolts?.value ?? 3;
    return [
      { ...plainLoad(id, node('plus'), node('minus'), amps, Math.max(knee, 0.5)), on: conditions.on(id) },
    ];
  },
  column: 'served',
  lines: (part, { fedVolts }) => [
    `${fedVolts === undefined ? 'not fed' : `on ${formatQuantity(fedVolts, 'V')}`}${part.amps ? `, ${formatQuantity(part.amps.value, 'A')}` : ''}`,
    ...(part.farads ? [`${Math.round(part.farads.value * 1e6)} µF`] : []),
    ...(part.maxVolts ? [`max ${formatQuantity(part.maxVolts.value, 'V')}`] : []),
  ],
  chosen: 9,
  seen: 8,
  decides: ({ amps }) => (amps ? [formatQuantity(amps.value, 'A')] : []),
  usual: presumedOfLoad,
  isDelicate: false,
  // A pump is not put right by a lamp.
  replaces: (candidate, part) => candidate.form === part.form,
  roleWord: (part) => loadWords[part.form],
});
