import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { rawFedVolts } from './raw-fed-volts';

const pump = (part: string) => ({
  extra: [
    { id: 'harness', name: 'harness', part: 'harness-five-way' },
    { id: 'pump', name: 'pump', part },
  ],
  leads: [
    ['adapter.out', 'harness.in'],
    ['harness.small 1', 'pump.power'],
    ['harness.large 1', 'esc.power'],
  ] as [string, string][],
  without: ['adapter.out--esc'],
});

testRule(rawFedVolts, {
  valid: [
    { name: 'a 12 V pump on three cells', build: tub(pump('pump-12')) },
    { name: 'servos behind a regulator are another rule’s', build: tub() },
  ],
  invalid: [
    {
      name: 'a 6 V pump on three cells',
      build: tub(pump('pump-6')),
      findings: [
        {
          messageId: 'tooManyVolts',
          actual: 12.6,
          limit: 7.5,
          subjects: ['pump', 'pack'],
          putRight: ['swap:pump:pump-12'],
        },
      ],
    },
    {
      name: 'a 12 V pump on two cells',
      build: tub({ ...pump('pump-12'), parts: { pack: 'pack-lipo-2s-5000-20c' } }),
      findings: [{ messageId: 'tooFewVolts', actual: 6.6, limit: 8, says: 'once the pack runs down' }],
    },
  ],
});
