import { functionSubject } from '../findings/report';
import { defineRule } from './rule';

/** Functions that no part works yet: what is wished for and not planned is not dry. */
export const functionPart = defineRule({
  meta: {
    id: 'function-part',
    well: 'control',
    title: 'Functions with a part',
    messages: {},
  },
  check: ({ build }) =>
    build.functions
      .filter(({ devices }) => devices.length === 0)
      .map(({ id, name }) => ({
        missing: `which part works the function ${name}`,
        subjects: [functionSubject(id)],
      })),
});
