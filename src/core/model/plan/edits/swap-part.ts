import { defineEdit } from './edit';
import type { PartSpec } from '../../kinds/part-spec';
import { settleAfterSwap } from '../edit-aftermath';
import { change, putPart } from './draft';

/** Puts another part in the place of one. */
export interface SwapPart {
  type: 'swapPart';
  fitting: string;
  part: PartSpec;
}

export const swapPart = defineEdit<SwapPart>({
  apply: (build, { fitting, part }) => {
    change(build.fittings, fitting, { part: putPart(build, part) });
    settleAfterSwap(build, fitting, part);
  },
  words: ({ fitting, part }, say) =>
    `${say.name(fitting)}: ${say.index.get(fitting).part.name} → ${part.name}`,
});
