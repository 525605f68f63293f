import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { controllerVolts } from './controller-volts';

const controller = 'controller-brushed-30-switching';

const cells = (most: number, least?: number) => (part: object) =>
  ({ ...part, cellLimits: [{ chemistry: 'LiPo', most, ...(least && { least }) }] }) as never;

testRule(controllerVolts, {
  valid: [
    { name: 'three cells on a controller for 13 V', build: tub() },
    { name: 'a controller that no pack reaches', build: tub({ without: ['pack.out'] }) },
    {
      name: 'a sheet that does not state the most volts',
      build: tub({ sheets: { [controller]: withoutFigure('maxInputVolts') } }),
      missing: ['most volts of the controller'],
    },
  ],
  invalid: [
    {
      name: 'a fourth cell',
      build: tub({ parts: { pack: 'pack-lipo-4s-4000-20c' } }),
      findings: [
        {
          messageId: 'tooManyVolts',
          actual: 16.8,
          limit: 13,
          subjects: ['esc', 'pack'],
          says: 'The pack gives the controller too many volts',
          putRight: ['swap:pack:'],
        },
      ],
    },
    {
      name: 'a pack that sinks below what the controller needs',
      build: tub({
        sheets: {
          [controller]: (part) =>
            ({ ...part, minInputVolts: { value: 10.5, provenance: 'stated' } }) as typeof part,
        },
      }),
      findings: [{ messageId: 'tooFewVolts', actual: 9.8, limit: 10.5, within: 0.1 }],
    },
    {
      name: 'eight NiMH cells, fresh, on a controller for 10 V',
      build: tub({
        parts: { pack: 'pack-nimh-7-3000-10c' },
        without: ['pack.out', 'adapter.out'],
        leads: [['pack.out', 'esc.power']],
        sheets: {
          'pack-nimh-7-3000-10c': (part) => ({ ...part, cells: 8 }) as typeof part,
          [controller]: (part) =>
            ({ ...part, maxInputVolts: { value: 10, provenance: 'stated' } }) as typeof part,
        },
      }),
      findings: [{ messageId: 'slightlyOver', actual: 11.2, limit: 10 }],
    },
    {
      name: 'a sheet that counts cells, and a pack with more of them',
      build: tub({ sheets: { [controller]: cells(2) } }),
      findings: [
        {
          messageId: 'tooManyCells',
          actual: 3,
          limit: 2,
          subjects: ['esc', 'pack'],
          putRight: ['swap:pack:'],
        },
      ],
    },
    {
      name: 'a sheet that counts cells, and a pack with fewer of them',
      build: tub({ sheets: { [controller]: cells(6, 4) } }),
      findings: [{ messageId: 'tooFewCells', actual: 3, limit: 4 }],
    },
  ],
});
