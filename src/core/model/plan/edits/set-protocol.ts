import { defineEdit } from './edit';
import { change } from './draft';

/** Sets a transmitter to one of its links. */
export interface SetProtocol {
  type: 'setProtocol';
  fitting: string;
  protocol: string;
}

export const setProtocol = defineEdit<SetProtocol>({
  apply: (build, { fitting, protocol }) => change(build.fittings, fitting, { protocol }),
  words: ({ fitting, protocol }, say) => `${say.name(fitting)}: link → ${protocol}`,
});
