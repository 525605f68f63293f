import type { Reading } from '../../reading/build-reading/reading';
import { isOver } from '../../base/quantity/compare';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import type { Fitted } from '../../model/kinds/fitted';
import { defineRule } from './rule';
import { outputUse } from './support/output-use';
import { figureTerm, solvedTerm } from './support/terms';

type Message = 'outputsOverloaded';

/** All outputs of a board together, against what its sheet says they may give in all. */
export const boardTotal = defineRule<Message>({
  meta: {
    id: 'board-total',
    well: 'current',
    title: 'All outputs of a board together',
    messages: {
      outputsOverloaded: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} needed, board gives {{limit}}',
        text: 'the outputs of the {{board}} together give more than the board may',
        why: 'Each output is within its own limit, and the copper and the switches that they share are not: the board runs hot and fails.',
      },
    },
  },
  check: (context) => context.index.ofKind('board').flatMap((board) => checkBoard(context, board)),
});

function checkBoard(context: Reading, board: Fitted<'board'>): (Report<Message> | Missing)[] {
  const { fitting, part } = board;
  const { maxAmps } = part;
  if (!maxAmps) return [];
  const uses = part.ports.flatMap((port) => {
    const isOutput = port.flow === 'out' && port.use === 'power';
    const use = isOutput && outputUse(context, { fitting: fitting.id, port: port.id });
    return use ? [{ port, ...use }] : [];
  });
  const missing = uses.flatMap((use) => use.missing);
  const given = uses.flatMap(({ port, amps }) =>
    amps === undefined ? [] : [{ port, amps: Math.abs(amps) }],
  );
  const asked = given.reduce((sum, { amps }) => sum + amps, 0);
  if (!isOver(asked, maxAmps.value, 'A')) return missing;
  return [
    {
      messageId: 'outputsOverloaded',
      data: { board: fitting.name },
      subjects: [fittingSubject(fitting.id)],
      actual: asked,
      limit: maxAmps.value,
      unit: 'A',
      formula: 'amps through the plus of every output with everything on, solved, added up',
      terms: [
        ...given.map(({ port, amps }) => solvedTerm(`through the ${port.name}`, amps, 'A')),
        figureTerm('most in all', maxAmps, 'A'),
      ],
      offers: () => offerSwaps(context, board, (other) => (other.maxAmps?.value ?? 0) > asked),
    },
    ...missing,
  ];
}
