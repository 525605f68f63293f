import { stated } from '../../base/validation/figure';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { gaugeAmps, siliconeCelsius } from '../../base/conductors/wire';
import { wireAmps } from './wire-amps';

const motorLead = (awg: number) => ({
  without: ['esc.motor'],
  leads: [['esc.motor', 'motor.motor', { awg }]] as never,
});

testRule(wireAmps, {
  valid: [
    { name: 'gauges nobody states', build: tub() },
    { name: '8.2 A through AWG 16', build: tub(motorLead(16)) },
    {
      name: 'amps that a thin wire would not carry, and a gauge nobody states',
      build: tub({
        sheets: { 'motor-brushed-620': (part: object) => ({ ...part, fullLoadAmps: stated(22) }) as never },
      }),
      missing: [
        'gauge of the lead from the adapter to the controller',
        'gauge of the lead from the controller to the motor',
      ],
    },
  ],
  invalid: [
    {
      name: '8.2 A through AWG 24',
      build: tub(motorLead(24)),
      findings: [
        {
          messageId: 'runsWarm',
          actual: 7.9,
          limit: gaugeAmps(24),
          within: 0.3,
          subjects: ['esc-motor--motor-motor'],
          putRight: ['thicker-wire:esc-motor'],
        },
      ],
    },
    {
      name: '16 A through AWG 26',
      build: tub({
        ...motorLead(26),
        sheets: { 'motor-brushed-620': (part: object) => ({ ...part, fullLoadAmps: stated(16) }) as never },
      }),
      findings: [
        {
          messageId: 'fails',
          actual: 15,
          limit: gaugeAmps(26, siliconeCelsius),
          within: 1,
          putRight: ['thicker-wire:'],
        },
      ],
    },
  ],
});
