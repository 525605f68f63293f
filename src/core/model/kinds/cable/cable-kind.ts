import { describeKind, type Sides } from '../kind';
import type { CableForm } from './cable';
import { sheetChoice } from '../sheet-choice';
import { ampsField } from '../../parts/sheet-field';

/** What a person calls each form. */
export const cableWords: Record<CableForm, string> = {
  adapter: 'adapter',
  extension: 'extension',
  yLead: 'Y-lead',
  harness: 'harness',
  switch: 'hand switch',
  fuse: 'fuse',
  bindPlug: 'bind plug',
};

const afterOpening = [
  { value: 'false', text: 'is blown, and replaced' },
  { value: 'true', text: 'closes again once it is cool' },
];

/** Millimetres of the forms that are more than a plug on a wire: rules of thumb. */
const cableSides: Partial<Record<CableForm, Sides>> = { switch: [30, 15, 12], harness: [40, 25, 12] };

export const cableKind = describeKind<'cable'>({
  kind: 'cable',
  words: { one: 'cable', many: 'Cables, fuses' },
  terminals: () => ({ consumes: [] }),
  signal: () => undefined,
  fields: (part) =>
    part.form === 'fuse'
      ? [ampsField('maxAmps', part.resettable ? 'Holds' : 'Blows at')]
      : part.form === 'switch'
        ? [ampsField('maxAmps', 'Stands')]
        : [],
  choices: (part) =>
    part.form === 'fuse'
      ? [
          sheetChoice(
            'resettable',
            'Once it has opened',
            String(part.resettable ?? false),
            afterOpening,
            (value) => ({
              ...part,
              resettable: value === 'true',
            }),
          ),
        ]
      : [],
  elements: () => [],
  column: 'inline',
  lines: () => [],
  body: {
    kilograms: () => 0.01,
    sides: ({ form }) => cableSides[form] ?? [30, 12, 8],
    exit: (_, port) => (port.flow === 'in' ? 'back' : 'front'),
  },
  seen: 10,
  decides: () => [],
  isDelicate: false,
  replaces: (candidate, part) => candidate.form === part.form,
  roleWord: (part) => cableWords[part.form],
});
