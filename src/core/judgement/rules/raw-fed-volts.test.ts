import { sketchBuild } from '../../model/plan/sketch-build';
import { starterPart } from '../../model/starter/starter-locker';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
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

const onReceiverPack = (pack: string) =>
  sketchBuild(
    {
      fittings: [
        { id: 'pack', name: 'receiver pack', part: pack },
        { id: 'rx', name: 'receiver', part: 'receiver-8-skerry' },
        { id: 'servo', name: 'servo', part: 'servo-standard' },
      ],
      leads: [
        ['pack.out', 'rx.B'],
        ['servo.lead', 'rx.1'],
      ],
    },
    starterPart,
  );

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
      findings: [
        { messageId: 'tooFewVolts', actual: 6.5, limit: 8, within: 0.1, says: 'once the pack runs down' },
      ],
    },
    {
      name: 'a servo from 4.5 V on four NiMH cells, which sink only at their end',
      build: onReceiverPack('pack-nimh-4-2000-3c'),
      findings: [
        { messageId: 'weakAtEnd', actual: 3.97, limit: 4.5, within: 0.01, subjects: ['servo', 'pack'] },
      ],
    },
    {
      name: 'two fresh LiFePO4 cells on a servo for 6.6 V',
      build: onReceiverPack('pack-lifepo4-2s-2100-15c'),
      findings: [{ messageId: 'slightlyOver', actual: 6.8, limit: 6.6, subjects: ['servo', 'pack'] }],
    },
  ],
});
