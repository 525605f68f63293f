import { defineEdit } from './edit';
import type { Figure } from '../../../base/validation/figure';
import { change } from './draft';

/** Tells how long a lead is. */
export interface SetLength {
  type: 'setLength';
  lead: string;
  metres: Figure;
}

export const setLength = defineEdit<SetLength>({
  apply: (build, { lead, metres }) => change(build.leads, lead, { metres }),
  words: ({ lead, metres }, say) => `Lead ${say.lead(lead)}: ${Math.round(metres.value * 1000)} mm`,
});
