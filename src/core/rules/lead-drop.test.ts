import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { conductorOhms } from '../conductors/wire';
import { leadDrop } from './lead-drop';

const leadOhms = 2 * conductorOhms(28, 2) + 0.03;

const becLeadOhms = 2 * (conductorOhms(22, 0.3) + 0.015);

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
          // By the solved network, 1.39 A flow: 6 V over the servo's 3.33 Ω and the wires. Those are its own lead,
          // and the controller's, which the receiver's 0.1 A pass too.
          actual: 1.3945 * (leadOhms + becLeadOhms) + 0.1 * becLeadOhms,
          limit: 0.6,
          subjects: ['rudder', 'rudder-lead--rx-1'],
          putRight: ['thicker-wire:rudder-lead'],
        },
      ],
    },
  ],
});
