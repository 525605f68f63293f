import type { CheckContext } from '../findings/context';
import { isOver } from '../findings/compare';
import { fittingSubject, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import type { Fitted } from '../survey/build-index';
import { defineRule } from './rule';
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
        text: 'the outputs of the {{board}} together give more than the board may',
        why: 'Each output is within its own limit, and the copper and the switches that they share are not: the board runs hot and fails.',
      },
    },
  },
  check: (context) => context.index.ofKind('board').flatMap((board) => checkBoard(context, board)),
});

function checkBoard(context: CheckContext, board: Fitted<'board'>): Report<Message>[] {
  const { index, circuit } = context;
  const { fitting, part } = board;
  const { maxAmps } = part;
  const point = circuit.at('steady', 'nominal');
  if (!maxAmps || !point) return [];
  const given = part.ports.flatMap((port) => {
    const lead =
      port.flow === 'out' && port.use === 'power' && index.leadAt({ fitting: fitting.id, port: port.id });
    if (!lead) return [];
    const end = lead.from.fitting === fitting.id && lead.from.port === port.id ? 'from' : 'to';
    const plus = lead.conductors.find((conductor) => conductor[end] === 'plus')?.from;
    const amps = plus === undefined ? undefined : point.wireAmps(lead.id, plus);
    return amps === undefined ? [] : [{ port, amps: Math.abs(amps) }];
  });
  const asked = given.reduce((sum, { amps }) => sum + amps, 0);
  if (!isOver(asked, maxAmps.value, 'A')) return [];
  return [
    {
      messageId: 'outputsOverloaded',
      data: { board: fitting.name },
      subjects: [fittingSubject(fitting.id)],
      actual: asked,
      limit: maxAmps.value,
      unit: 'A',
      formula: 'amps through the plus of every output with everything on, in the solved network, added up',
      terms: [
        ...given.map(({ port, amps }) => solvedTerm(`through the ${port.name}`, amps, 'A')),
        figureTerm('most in all', maxAmps, 'A'),
      ],
      offers: () => offerSwaps(context, board, (other) => (other.maxAmps?.value ?? 0) > asked),
    },
  ];
}
