import { defineEdit } from './edit';
import { change } from './draft';

/** Tells how thick the wires of a lead are. */
export interface SetGauge {
  type: 'setGauge';
  lead: string;
  awg: number;
}

export const setGauge = defineEdit<SetGauge>({
  apply: (build, { lead, awg }) => change(build.leads, lead, { awg }),
  words: ({ lead, awg }, say) => `Lead ${say.lead(lead)}: AWG ${awg}`,
});
