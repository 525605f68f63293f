import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { regulatorDropout } from './regulator-dropout';

const twoCells = (volts: number, esc = 'controller-brushed-60') =>
  tub({ parts: { pack: 'pack-lipo-2s-5000-20c', esc }, settings: { esc: { regulatorVolts: volts } } });

testRule(regulatorDropout, {
  valid: [
    { name: '6 V from three cells', build: tub() },
    { name: '5 V from two cells', build: twoCells(5) },
  ],
  invalid: [
    {
      name: '7.4 V from two cells, which hold up about 5.8 V',
      build: twoCells(7.4),
      findings: [
        {
          messageId: 'cannotHold',
          actual: 5.8,
          limit: 7.4,
          subjects: ['esc'],
          putRight: ['set-volts:esc:5'],
        },
      ],
    },
    {
      name: '6 V from two cells, at the very end',
      build: twoCells(6),
      findings: [{ messageId: 'sinksALittle', actual: 5.8, limit: 6 }],
    },
  ],
});
