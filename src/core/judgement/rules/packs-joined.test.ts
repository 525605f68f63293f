import { testRule } from '../../../../tests/kit/test-rule';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { stated } from '../../base/validation/figure';
import type { PackSpec } from '../../model/kinds/pack/pack';
import type { Build } from '../../model/plan/build';
import { tub } from '../../../../tests/kit/tub';
import { packsJoined } from './packs-joined';

const two = (part: string) => ({
  extra: [
    { id: 'pack2', name: 'second pack', part },
    { id: 'harness', name: 'harness', part: 'harness-five-way' },
    { id: 'adapter2', name: 'second adapter', part: 'adapter-sleeve-blade' },
  ],
  without: ['adapter.out'],
  leads: [
    ['adapter.out', 'harness.in'],
    ['pack2.out', 'adapter2.in'],
    ['adapter2.out', 'harness.large 2'],
    ['harness.large 1', 'esc.power'],
  ] as [string, string][],
});

const series = soundBuilds['fast hull with two packs in series']!;
/** The same hull with another second pack in series. */
function withOther(change: Partial<PackSpec>): Build {
  const [, second] = series.fittings.filter(({ part }) =>
    series.parts.some(({ id, kind }) => id === part && kind === 'pack'),
  );
  const own = series.parts.find(({ id }) => id === second!.part) as PackSpec;
  return {
    ...series,
    parts: [...series.parts, { ...own, id: 'other', ...change }],
    fittings: series.fittings.map((fitting) =>
      fitting === second ? { ...fitting, part: 'other' } : fitting,
    ),
  };
}

testRule(packsJoined, {
  valid: [
    { name: 'one pack', build: tub() },
    { name: 'two equal packs in series', build: series },
    { name: 'two equal packs', build: tub(two('pack-lipo-3s-4000-20c')) },
  ],
  invalid: [
    {
      name: 'a smaller pack in series',
      build: withOther({ ampHours: stated(1.3) }),
      findings: [
        { messageId: 'unequalInSeries', actual: 1.3, limit: 2.2, says: 'in series but differ in capacity' },
      ],
    },
    {
      name: 'another chemistry in series',
      build: withOther({ chemistry: 'NiMH' }),
      findings: [{ messageId: 'unlikeInSeries', actual: 2, limit: 1 }],
    },
    {
      name: 'three cells beside two',
      build: tub(two('pack-lipo-2s-5000-20c')),
      findings: [{ messageId: 'unequalInParallel', actual: 12.6, limit: 8.4, subjects: ['pack', 'pack2'] }],
    },
    {
      name: 'three cells of Li-ion beside three of LiPo',
      build: tub({
        ...two('pack-lipo-3s-4000-20c'),
        sheets: {},
        parts: { pack2: 'pack-liion-3s-6000-5c' },
        without: ['adapter.out', 'pack2.out', 'adapter2.out'],
        leads: [
          ['adapter.out', 'harness.in'],
          ['pack2.out', 'harness.large 2'],
          ['harness.large 1', 'esc.power'],
        ],
      }),
      findings: [{ messageId: 'unlikeInParallel', actual: 2, limit: 1, subjects: ['pack', 'pack2'] }],
    },
  ],
});
