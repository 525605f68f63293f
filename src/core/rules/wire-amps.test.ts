import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { gaugeAmps } from '../conductors/wire';
import { wireAmps } from './wire-amps';

const motorLead = (awg: number) => ({
  without: ['esc.motor'],
  leads: [['esc.motor', 'motor.motor', { awg }]] as never,
});

testRule(wireAmps, {
  valid: [
    { name: 'gauges nobody states', build: tub() },
    { name: '8.2 A through AWG 16', build: tub(motorLead(16)) },
  ],
  invalid: [
    {
      name: '8.2 A through AWG 24',
      build: tub(motorLead(24)),
      findings: [
        {
          messageId: 'tooThin',
          actual: 8.2,
          limit: gaugeAmps(24),
          subjects: ['esc-motor--motor-motor'],
          putRight: ['thicker-wire:esc-motor'],
        },
      ],
    },
  ],
});
