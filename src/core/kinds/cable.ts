import type { CableForm } from '../parts/cable';
import { ampsField } from '../parts/sheet-field';
import { describeKind } from './kind';

/** What a person calls each form. */
const cableWords: Record<CableForm, string> = {
  adapter: 'adapter',
  extension: 'extension',
  yLead: 'Y-lead',
  harness: 'harness',
  switch: 'hand switch',
  fuse: 'fuse',
  bindPlug: 'bind plug',
};

export const cableKind = describeKind<'cable'>({
  kind: 'cable',
  words: { one: 'cable', many: 'Cables, fuses' },
  terminals: () => ({ consumes: [] }),
  signal: () => undefined,
  fields: (part) =>
    part.form === 'fuse'
      ? [ampsField('maxAmps', 'Blows at')]
      : part.form === 'switch'
        ? [ampsField('maxAmps', 'Stands')]
        : [],
  choices: () => [],
  elements: () => [],
  column: 'inline',
  lines: () => [],
  isDelicate: false,
  replaces: (candidate, part) => candidate.form === part.form,
  roleWord: (part) => cableWords[part.form],
});
