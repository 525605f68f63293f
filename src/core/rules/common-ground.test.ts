import { lifted } from '../build/sketch-build';
import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { commonGround } from './common-ground';

testRule(commonGround, {
  valid: [
    { name: 'all minus wires in', build: tub() },
    { name: 'a servo not plugged in is not groundless', build: tub({ without: ['rudder.lead'] }) },
  ],
  invalid: [
    {
      name: 'a servo whose minus wire is out of its plug',
      build: tub({ wires: { 'rudder-lead': lifted('minus') } }),
      findings: [
        {
          messageId: 'groundMissing',
          actual: 0,
          limit: 1,
          subjects: ['rudder'],
          putRight: ['restore-ground:rudder'],
        },
      ],
    },
  ],
});
