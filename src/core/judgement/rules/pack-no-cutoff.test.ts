import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { stated } from '../../base/validation/figure';
import type { PartSpec } from '../../model/kinds/part-spec';
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

/** A receiver that tells its volts, straight on a pack that it stands. */
const straight = (alarmVolts?: number) =>
  sketchBuild(
    {
      fittings: [
        { id: 'pack', name: 'pack', part: 'own-pack' },
        { id: 'rx', name: 'receiver', part: 'own-receiver' },
        { id: 'tx', name: 'transmitter', part: 'transmitter-10', ...(alarmVolts && { alarmVolts }) },
      ],
      leads: [['pack.out', 'rx.B']],
    },
    (id) => {
      if (id === 'own-pack')
        return { ...starterPart('pack-dry-4'), id, chemistry: 'LiPo', cells: 2 } as PartSpec;
      const receiver = starterPart('receiver-8-skerry');
      return id === 'own-receiver'
        ? ({ ...receiver, id, maxVolts: stated(8.4), telemetry: ['rail volts'] } as PartSpec)
        : starterPart(id);
    },
  );

testRule(packNoCutoff, {
  valid: [
    { name: 'a controller with a cut-off drinks from it', build: tub() },
    { name: 'NiMH cells on a BEC alone', build: onBec('pack-nimh-6-3000-10c') },
    { name: 'straight to a receiver, with an alarm at its cut-off', build: straight(6.6) },
    { name: 'a lithium pack that feeds nothing', build: tub({ without: ['pack.out'] }) },
  ],
  invalid: [
    {
      name: 'straight to a receiver that stands it',
      build: straight(),
      findings: [
        {
          messageId: 'onlyWatched',
          actual: 0,
          limit: 1,
          subjects: ['pack'],
          putRight: ['alarm:tx'],
        },
      ],
    },
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
