import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partProblem } from '../../model/kinds/part-problem';
import { chemistries } from '../../model/packs/chemistry';
import type { ControllerSpec } from '../../model/kinds/controller/controller';
import { stated } from '../../base/validation/figure';
import { starterPart } from '../../model/starter/starter-locker';
import { sheetLists } from './sheet-lists';

const brushed = starterPart('controller-brushed-30-switching') as ControllerSpec;
const listOf = (part: ControllerSpec, label: string) =>
  sheetLists(part).find((list) => list.label === label)!;
const unique = <T, K>(one: fc.Arbitrary<T>, by: (value: T) => K, most: number) =>
  fc.uniqueArray(one, { selector: by, minLength: 1, maxLength: most });

const turnLimit = fc.record({
  cells: fc.integer({ min: 1, max: 24 }),
  turns: fc.integer({ min: 1, max: 200 }).map((value) => stated(value)),
});
const cellLimit = fc
  .record({
    chemistry: fc.constantFrom(...chemistries),
    least: fc.option(fc.integer({ min: 1, max: 24 }), { nil: undefined }),
    more: fc.integer({ min: 0, max: 23 }),
  })
  .map(({ chemistry, least, more }) => ({
    chemistry,
    most: Math.min((least ?? 1) + more, 24),
    ...(least !== undefined && { least }),
  }));

describe('what a sheet has several of', () => {
  it('is read back as it was written, whatever stands there', () => {
    fc.assert(
      fc.property(
        unique(turnLimit, ({ cells }) => cells, 12),
        unique(cellLimit, ({ chemistry }) => chemistry, 7),
        (turnLimits, cellLimits) => {
          const part: ControllerSpec = { ...brushed, turnLimits, cellLimits };
          expect(
            listOf(brushed, 'Turns no fewer than').read(listOf(part, 'Turns no fewer than').text),
          ).toEqual({
            ...brushed,
            turnLimits,
          });
          expect(listOf(brushed, 'Takes cells').read(listOf(part, 'Takes cells').text)).toEqual({
            ...brushed,
            cellLimits,
          });
        },
      ),
    );
  });

  it('is never half taken: any other text is refused with what it must look like, or gives a sound sheet', () => {
    const text = fc.stringMatching(/^[0-9a-zA-Z:;–\- ]{0,30}$/);
    const odd = fc.constantFrom(
      'LiPo 3-2',
      'LiPo 2; LiPo 3',
      'NiMH',
      '25 cells: 3',
      '2 cells: 0',
      '2S',
      ';;',
    );
    fc.assert(
      fc.property(fc.oneof(text, odd), (typed) => {
        for (const list of sheetLists(brushed)) {
          const read = list.read(typed);
          if (typeof read === 'string') expect(read).toContain('each');
          else expect(partProblem(read, 'part')).toBeUndefined();
        }
      }),
    );
  });
});
