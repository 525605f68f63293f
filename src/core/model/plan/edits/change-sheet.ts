import { defineEdit } from './edit';
import type { PartSpec } from '../../kinds/part-spec';
import { settleComponents } from '../edit-aftermath';
import { change } from './draft';

/** Gives a part of the build a corrected sheet. */
export interface ChangeSheet {
  type: 'changeSheet';
  sheet: PartSpec;
}

export const changeSheet = defineEdit<ChangeSheet>({
  apply: (build, { sheet }) => {
    change(build.parts, sheet.id, sheet);
    for (const { id } of build.fittings.filter(({ part }) => part === sheet.id))
      settleComponents(build, id, sheet);
  },
  words: ({ sheet }) => `Sheet of ${sheet.name} as typed`,
});
