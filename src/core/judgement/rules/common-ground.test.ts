import { lifted } from '../../model/plan/sketch-build';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { commonGround } from './common-ground';

testRule(commonGround, {
  valid: [
    { name: 'all minus wires in', build: tub() },
    { name: 'a servo not plugged in is not groundless', build: tub({ without: ['rudder.lead'] }) },
  ],
  invalid: [
    {
      name: 'a servo fed raw whose signal has no ground in common with the receiver',
      build: tub({
        parts: { pack: 'pack-lipo-2s-5000-20c', rudder: 'servo-high-volt' },
        extra: [
          { id: 'harness', name: 'harness', part: 'harness-five-way' },
          { id: 'raw', name: 'raw-feed lead', part: 'raw-feed-lead' },
          { id: 'own', name: 'receiver pack', part: 'pack-lifepo4-2s-2100-15c' },
        ],
        without: ['adapter.out', 'rudder.lead', 'esc.lead'],
        leads: [
          ['adapter.out', 'harness.in'],
          ['harness.large 1', 'esc.power'],
          ['harness.small 1', 'raw.power'],
          ['rudder.lead', 'raw.servo'],
          ['raw.signal', 'rx.1', { change: lifted('minus') }],
          ['own.out', 'rx.B'],
        ],
      }),
      findings: [
        {
          messageId: 'signalGroundMissing',
          actual: 0,
          limit: 1,
          subjects: ['rudder', 'rx'],
          says: 'no ground in common',
        },
      ],
    },
    {
      name: 'a servo whose minus wire is out of its plug',
      build: tub({ wires: { 'rudder-lead': lifted('minus') } }),
      findings: [
        {
          messageId: 'groundMissing',
          actual: 0,
          limit: 1,
          subjects: ['rudder'],
          putRight: ['restore-ground:rudder'],
        },
      ],
    },
  ],
});
