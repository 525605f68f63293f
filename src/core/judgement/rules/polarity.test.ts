import { reversed, turned } from '../../model/plan/sketch-build';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { polarity } from './polarity';

testRule(polarity, {
  valid: [
    { name: 'like to like', build: tub() },
    {
      name: 'two reversals that cancel',
      build: tub({ wires: { 'pack-out': reversed, 'adapter-out': reversed } }),
    },
  ],
  invalid: [
    {
      name: 'a pack lead soldered the wrong way round',
      build: tub({ wires: { 'pack-out': reversed } }),
      findings: [
        {
          messageId: 'powerReversed',
          actual: -12.6,
          limit: 0,
          subjects: ['esc', 'pack-out--adapter-in'],
          putRight: ['turn-plug:pack-out'],
        },
      ],
    },
    {
      name: 'a servo plug turned round',
      build: tub({ wires: { 'rudder-lead': turned } }),
      findings: [
        {
          messageId: 'servoPlugTurned',
          actual: 3,
          limit: 1,
          subjects: ['rudder', 'rudder-lead--rx-1'],
          putRight: ['turn-plug:rudder'],
        },
      ],
    },
  ],
});
