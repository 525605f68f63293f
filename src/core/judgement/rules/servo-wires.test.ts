import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { servoWires } from './servo-wires';

testRule(servoWires, {
  valid: [{ name: 'three wires', build: tub() }],
  invalid: [
    {
      name: 'a toy servo with five',
      build: tub({
        parts: { rudder: 'servo-standard' },
        sheets: { 'servo-standard': (part) => ({ ...part, wires: 5 }) as never },
      }),
      findings: [
        { messageId: 'fiveWires', actual: 5, limit: 3, subjects: ['rudder'], putRight: ['swap:rudder:'] },
      ],
    },
  ],
});
