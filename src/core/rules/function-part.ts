import { functionSubject } from '../findings/report';
import { defineRule } from './rule';

/** Functions that no part works yet, or that no control of the transmitter moves: what is wished for and not planned is not dry. */
export const functionPart = defineRule({
  meta: {
    id: 'function-part',
    well: 'control',
    title: 'Functions with a part and a control',
    messages: {},
  },
  check({ build, index }) {
    const hasTransmitter = index.ofKind('transmitter').length > 0;
    return build.functions.flatMap((modelFunction) => {
      const { id, name, devices, control } = modelFunction;
      const ask = (missing: string) => [{ missing, subjects: [functionSubject(id)] }];
      if (devices.length === 0) return ask(`which part works the function ${name}`);
      return hasTransmitter && control === undefined ? ask(`which control moves the function ${name}`) : [];
    });
  },
});
