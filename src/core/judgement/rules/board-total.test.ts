import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { boardTotal } from './board-total';

const names = ['brake', 'head', 'beacon'] as const;

/** So many lamp strings of 0.5 A on a light board that gives 1 A in all. */
const lit = (count: number, sheets = {}) =>
  tub({
    sheets,
    extra: [
      { id: 'lights', name: 'light board', part: 'board-lights-2' },
      ...names.slice(0, count).map((id) => ({ id, name: `${id} lamps`, part: 'lamps-6' })),
    ],
    leads: [
      ['lights.in', 'rx.5'],
      ...names
        .slice(0, count)
        .map((id, n): [string, string] => [`lights.out${n === 0 ? '' : `-${n + 1}`}`, `${id}.power`]),
    ],
  });

testRule(boardTotal, {
  valid: [
    { name: 'two outputs of half an ampere on a board for one', build: lit(2) },
    {
      name: 'lamps of which nobody knows the amps',
      build: lit(1, { 'lamps-6': withoutFigure('amps') }),
      missing: ['amps of the brake lamps'],
    },
  ],
  invalid: [
    {
      name: 'three outputs, each within its own limit',
      build: lit(3),
      findings: [
        { messageId: 'outputsOverloaded', actual: 1.5, limit: 1, within: 0.02, subjects: ['lights'] },
      ],
    },
  ],
});
