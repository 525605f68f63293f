import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { controlKind } from './control-kind';

testRule(controlKind, {
  valid: [
    { name: 'sticks for steering and drive', build: tub() },
    {
      name: 'a three-position switch does for two',
      build: tub({ functions: { steer: { wants: 'twoPosition', control: 'switch-c' } } }),
    },
    {
      name: 'no control given yet',
      build: tub({ functions: { steer: { control: undefined } } }),
      missing: ['the control for Steering'],
    },
  ],
  invalid: [
    {
      name: 'steering on a switch',
      build: tub({ functions: { steer: { control: 'switch-a' } } }),
      findings: [
        {
          messageId: 'noProportion',
          actual: 2,
          limit: 1000,
          subjects: ['steer', 'tx'],
          putRight: ['assign-control:steer:right-x'],
        },
      ],
    },
    {
      name: 'three states on two positions',
      build: tub({ functions: { steer: { wants: 'threePosition', control: 'switch-a' } } }),
      findings: [
        { messageId: 'positionsMissing', actual: 2, limit: 3, putRight: ['assign-control:steer:switch-c'] },
      ],
    },
    {
      name: 'a pan that should stay on a stick that springs back',
      build: tub({ functions: { steer: { wants: 'staying' } } }),
      findings: [
        { messageId: 'springsBack', actual: 1, limit: 0, putRight: ['assign-control:steer:dial-1'] },
      ],
    },
    {
      name: 'steering on a dial',
      build: tub({ functions: { steer: { control: 'dial-1' } } }),
      findings: [
        { messageId: 'doesNotCentre', actual: 0, limit: 1, putRight: ['assign-control:steer:right-x'] },
      ],
    },
    {
      name: 'a horn on a switch that stays on',
      build: tub({ functions: { steer: { wants: 'momentary', control: 'switch-a' } } }),
      findings: [{ messageId: 'staysOn', actual: 0, limit: 1, putRight: ['assign-control:steer:button'] }],
    },
  ],
});
