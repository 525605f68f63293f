import { defineEdit } from './edit';
import { formatQuantity } from '../../../base/quantity/format';
import { setOn } from './draft';

/** Sets the output of a regulator that has choices. */
export interface SetRegulatorVolts {
  type: 'setRegulatorVolts';
  fitting: string;
  volts: number;
}

export const setRegulatorVolts = defineEdit<SetRegulatorVolts>({
  apply: (build, { fitting, volts }) => setOn(build, fitting, { regulatorVolts: volts }),
  words: ({ fitting, volts }, say) => {
    const now = say.index.get(fitting).fitting.regulatorVolts;
    const was = now === undefined ? 'unset' : formatQuantity(now, 'V');
    return `${say.name(fitting)}: regulator ${was} → ${formatQuantity(volts, 'V')}`;
  },
});
