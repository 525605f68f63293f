import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { PartSpec } from '../../model/kinds/part-spec';
import { armingStick } from './arming-stick';

const armsAt = (position: 'centre' | 'minimum') => ({
  'controller-brushed-30-switching': (part: PartSpec) => ({ ...part, armsAt: position }) as PartSpec,
});
const driveOn = (control: string) => ({ functions: { drive: { control } } });

testRule(armingStick, {
  valid: [
    {
      name: 'a sheet that does not say',
      build: tub({
        sheets: {
          'controller-brushed-30-switching': (part) =>
            ({ ...part, armsAt: undefined }) as unknown as PartSpec,
        },
      }),
    },
    { name: 'centre, on a stick that centres', build: tub({ sheets: armsAt('centre') }) },
    { name: 'minimum, on a slider', build: tub({ sheets: armsAt('minimum'), ...driveOn('dial-1') }) },
  ],
  invalid: [
    {
      name: 'minimum, on a stick that centres',
      build: tub({ sheets: armsAt('minimum') }),
      findings: [
        {
          messageId: 'runsWhenLetGo',
          actual: 0,
          limit: -100,
          subjects: ['esc', 'drive'],
          putRight: ['arming-control:drive'],
        },
      ],
    },
    {
      name: 'centre, on a switch',
      build: tub({ sheets: armsAt('centre'), ...driveOn('switch-a') }),
      findings: [{ messageId: 'noMiddle', actual: 2, limit: 3, putRight: ['arming-control:drive'] }],
    },
    {
      name: 'centre, on a slider',
      build: tub({ sheets: armsAt('centre'), ...driveOn('dial-1') }),
      findings: [{ messageId: 'mustBeCentred', actual: -100, limit: 0 }],
    },
  ],
});
