import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { sketchBuild } from '../../model/plan/sketch-build';
import { starterPart } from '../../model/starter/starter-locker';
import { packNoCutoff } from './pack-no-cutoff';

const onBec = (pack: string) =>
  sketchBuild(
    {
      fittings: [
        { id: 'pack', name: 'pack', part: pack },
        { id: 'harness', name: 'harness', part: 'harness-five-way' },
        { id: 'bec', name: 'BEC', part: 'bec-3a', regulatorVolts: 5 },
        { id: 'rx', name: 'receiver', part: 'receiver-8-skerry' },
      ],
      leads: [
        ['pack.out', 'harness.in'],
        ['harness.small 1', 'bec.in'],
        ['bec.out', 'rx.B'],
      ],
    },
    starterPart,
  );

testRule(packNoCutoff, {
  valid: [
    { name: 'a controller with a cut-off drinks from it', build: tub() },
    { name: 'NiMH cells on a BEC alone', build: onBec('pack-nimh-6-3000-10c') },
    { name: 'a lithium pack that feeds nothing', build: tub({ without: ['pack.out'] }) },
  ],
  invalid: [
    {
      name: 'a lithium pack on a BEC alone',
      build: onBec('pack-lipo-2s-2200-25c'),
      findings: [
        {
          messageId: 'nothingEndsDischarge',
          actual: 0,
          limit: 1,
          subjects: ['pack'],
          putRight: ['swap:pack:pack-nimh'],
        },
      ],
    },
  ],
});
