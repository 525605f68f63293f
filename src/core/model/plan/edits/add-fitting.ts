import { defineEdit } from './edit';
import type { PartSpec } from '../../kinds/part-spec';
import type { Fitting } from '../../fitting/fitting';
import { putPart } from './draft';

/** Puts a part into the build. */
export interface AddFitting {
  type: 'addFitting';
  fitting: Fitting;
  part: PartSpec;
}

export const addFitting = defineEdit<AddFitting>({
  apply: (build, { fitting, part }) => {
    build.fittings.push({ ...fitting, part: putPart(build, part) });
  },
  words: ({ fitting, part }) => `Add ${fitting.name}: ${part.name}`,
});
