import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { conductorOhms } from '../../base/conductors/wire';
import { leadDrop } from './lead-drop';

const leadOhms = 2 * conductorOhms(28, 2) + 0.03;

const longWay = (metres: number, awg: number) => ({
  parts: { rudder: 'servo-standard' },
  without: ['rudder.lead'],
  leads: [['rudder.lead', 'rx.1', { metres, awg }]] as never,
});

testRule(leadDrop, {
  valid: [
    { name: 'leads of unknown length', build: tub() },
    { name: '300 mm of AWG 26', build: tub(longWay(0.3, 26)) },
  ],
  invalid: [
    {
      name: 'two metres of AWG 28',
      build: tub(longWay(2, 28)),
      findings: [
        {
          messageId: 'losesVolts',
          // 1.8 A stalled at 6 V, behind its own lead and the controller's.
          actual: (6 / (6 / 1.8 + leadOhms + 0.1)) * leadOhms,
          limit: 0.6,
          within: 0.05,
          subjects: ['rudder', 'rudder-lead--rx-1'],
          putRight: ['thicker-wire:rudder-lead'],
        },
      ],
    },
  ],
});
