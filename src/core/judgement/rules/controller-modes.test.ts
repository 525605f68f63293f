import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { controllerModesRule } from './controller-modes';

const esc = 'controller-brushed-30-switching';
const withModes = (...modes: string[]) => ({ [esc]: (part: object) => ({ ...part, modes }) as never });

testRule(controllerModesRule, {
  valid: [
    { name: 'a Brief without wishes', build: tub() },
    {
      name: 'a drag brake for the drive, beside a winch whose controller has none',
      build: tub({
        brief: { dragBrake: true },
        sheets: withModes('dragBrake'),
        settings: { esc: { brake: 'dragBrake' } },
        extra: [
          { id: 'winch-esc', name: 'winch controller', part: 'controller-brushed-60' },
          { id: 'winch', name: 'winch motor', part: 'motor-brushed-55t' },
        ],
        leads: [
          ['winch-esc.motor', 'winch.motor'],
          ['winch-esc.lead', 'rx.5'],
        ],
        moreFunctions: [
          {
            id: 'winch',
            name: 'Winch',
            role: 'mechanism',
            wants: 'centring',
            channel: 5,
            devices: ['winch-esc'],
          },
        ],
      }),
    },
    {
      name: 'a drag brake, and a controller with one',
      build: tub({
        brief: { dragBrake: true },
        sheets: withModes('dragBrake'),
        settings: { esc: { brake: 'dragBrake' } },
      }),
    },
    {
      name: 'a drag brake wanted, and nobody knows how the controller is set',
      build: tub({ brief: { dragBrake: true }, sheets: withModes('brake', 'dragBrake') }),
      missing: ['what the brake of the controller is set to'],
    },
    {
      name: 'no reverse wanted, and a controller that has none',
      build: tub({ brief: { noReverse: true }, sheets: withModes('noReverse') }),
    },
    {
      name: 'a wish, and a sheet that lists no modes',
      build: tub({ brief: { dragBrake: true }, sheets: { [esc]: withoutFigure('modes') } }),
      missing: ['modes of the controller'],
    },
  ],
  invalid: [
    {
      name: 'no reverse wanted, and a controller that is set to reverse',
      build: tub({
        brief: { noReverse: true },
        sheets: withModes('reverse', 'noReverse'),
        settings: { esc: { running: 'reverse' } },
      }),
      findings: [
        {
          messageId: 'modeNotSet',
          actual: 0,
          limit: 1,
          subjects: ['esc'],
          putRight: ['set-running:esc:noReverse'],
        },
      ],
    },
    {
      name: 'no reverse wanted, and a controller that always has it',
      build: tub({ brief: { noReverse: true }, sheets: withModes('reverse', 'brake') }),
      findings: [
        { messageId: 'modeMissing', actual: 0, limit: 1, subjects: ['esc'], says: 'to run without reverse' },
      ],
    },
  ],
});
