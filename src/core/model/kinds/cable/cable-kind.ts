import { describeKind } from '../kind';
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
  seen: 10,
  decides: () => [],
  isDelicate: false,
  replaces: (candidate, part) => candidate.form === part.form,
  roleWord: (part) => cableWords[part.form],
});
