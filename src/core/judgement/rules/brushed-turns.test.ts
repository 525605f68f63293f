import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { stated } from '../../base/validation/figure';
import { brushedTurns } from './brushed-turns';

const esc = 'controller-brushed-30-switching';
const limits = (cells: number, turns: number) => (part: object) =>
  ({ ...part, turnLimits: [{ cells, turns: stated(turns) }] }) as never;
const motor = (turns: number) => (part: object) => ({ ...part, turns: stated(turns) }) as never;

testRule(brushedTurns, {
  valid: [
    {
      name: 'a controller that states no limit by turns',
      build: tub({ sheets: { [esc]: (part) => ({ ...part, turnLimits: undefined }) as never } }),
    },
    {
      name: '35 turns where 30 is the lowest',
      build: tub({ sheets: { [esc]: limits(3, 30), 'motor-brushed-620': motor(35) } }),
    },
    {
      name: 'a cell count the sheet says nothing of',
      build: tub({ sheets: { [esc]: limits(2, 30), 'motor-brushed-620': motor(35) } }),
      missing: ['lowest turns of the controller at 11.1 V'],
    },
    {
      name: 'a can of a size that is sold without turns',
      build: tub({
        sheets: {
          [esc]: limits(3, 30),
          'motor-brushed-620': (part) => ({ ...part, name: '380 motor', turns: undefined }) as never,
        },
      }),
    },
    {
      name: 'a motor that states neither its turns nor its speed',
      build: tub({
        sheets: {
          [esc]: limits(3, 30),
          'motor-brushed-620': (part) => ({ ...part, turns: undefined, kv: undefined }) as never,
        },
      }),
      missing: ['turns of the motor'],
    },
  ],
  invalid: [
    {
      name: 'a 540 can by its speed per volt, which is that of 12 turns',
      build: tub({
        sheets: {
          [esc]: limits(3, 30),
          'motor-brushed-620': (part) => ({ ...part, name: '540 motor', kv: stated(5000) }) as never,
        },
      }),
      findings: [{ messageId: 'tooFewTurns', actual: 12, limit: 30 }],
    },
    {
      name: 'NiMH packs by their volts: seven cells count as three of LiPo',
      build: tub({
        parts: { pack: 'pack-nimh-7-3000-10c' },
        without: ['pack.out', 'adapter.out'],
        leads: [['pack.out', 'esc.power']],
        sheets: {
          [esc]: (part: object) =>
            ({
              ...part,
              turnLimits: [
                { cells: 2, turns: stated(12) },
                { cells: 3, turns: stated(21) },
              ],
            }) as never,
          'motor-brushed-620': motor(15),
        },
      }),
      findings: [{ messageId: 'tooFewTurns', actual: 15, limit: 21 }],
    },
    {
      name: '21 turns where 30 is the lowest on three cells',
      build: tub({ sheets: { [esc]: limits(3, 30), 'motor-brushed-620': motor(21) } }),
      findings: [
        { messageId: 'tooFewTurns', actual: 21, limit: 30, subjects: ['motor', 'esc'], says: 'on the pack' },
      ],
    },
  ],
});
