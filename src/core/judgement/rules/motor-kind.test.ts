import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { PartSpec } from '../../model/kinds/part-spec';
import { motorKind } from './motor-kind';

testRule(motorKind, {
  valid: [
    { name: 'brushed on brushed', build: tub() },
    {
      name: 'brushless on brushless',
      build: tub({ parts: { motor: 'motor-brushless-900', esc: 'controller-brushless-40' } }),
    },
    {
      name: 'a brushed motor on two wires of a controller for both kinds',
      build: tub({
        sheets: { 'controller-brushed-30-switching': (part) => ({ ...part, drives: 'both' }) as PartSpec },
      }),
    },
    {
      name: 'a motor not wired yet',
      build: tub({ parts: { motor: 'motor-brushless-900' }, without: ['esc.motor'] }),
    },
  ],
  invalid: [
    {
      name: 'a brushless motor on a brushed controller',
      build: tub({ parts: { motor: 'motor-brushless-900' } }),
      findings: [
        {
          messageId: 'wrongKind',
          actual: 2,
          limit: 3,
          subjects: ['motor', 'esc'],
          putRight: ['swap:esc:controller-brushless-40', 'swap:motor:motor-brushed-55t'],
        },
      ],
    },
  ],
});
