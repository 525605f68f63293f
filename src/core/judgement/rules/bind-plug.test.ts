import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { bindPlug } from './bind-plug';

testRule(bindPlug, {
  valid: [{ name: 'no bind plug', build: tub() }],
  invalid: [
    {
      name: 'the bind plug still in',
      build: tub({
        extra: [{ id: 'bind', name: 'bind plug', part: 'bind-plug' }],
        leads: [['bind.in', 'rx.B']],
      }),
      findings: [
        {
          messageId: 'bindPlugIn',
          actual: 1,
          limit: 0,
          subjects: ['bind', 'rx'],
          putRight: ['take-out:bind'],
        },
      ],
    },
  ],
});
