import { servoPortLimit } from '../limits/radio';
import { defineRule } from './rule';
import { fittingSubject } from '../findings/report';
import { plannedTerm } from './support/terms';
import { nameList } from '../../base/words/sentences';

/** Servos and controllers against a receiver that is one board with a controller and has no ports for them. */
export const integratedReceiver = defineRule({
  meta: {
    id: 'integrated-receiver',
    well: 'connection',
    title: 'Receivers built into a speed controller',
    messages: {
      takesNoServos: {
        severity: 'stop',
        bound: 'least',
        short: 'no port for a servo',
        text: 'the {{receiver}} is one board with a controller and has no port for {{parts}}',
        why: 'Nothing can be plugged in. Receiver and controller must both go, and separate ones come in, bound to a transmitter that speaks their link.',
      },
    },
  },
  check({ index }) {
    return index
      .ofKind('receiver')
      .filter(({ part }) => part.integrated)
      .flatMap(({ fitting, part }) => {
        const wanting = index.ofKind('servo').filter(({ part: servo }) => servo.wires !== 5);
        const limit = servoPortLimit(part, wanting.length);
        if (!limit?.passed) return [];
        return [
          {
            messageId: 'takesNoServos' as const,
            data: {
              receiver: fitting.name,
              parts: nameList(wanting.map((servo) => `the ${servo.fitting.name}`)),
            },
            subjects: [
              fittingSubject(fitting.id),
              ...wanting.map((servo) => fittingSubject(servo.fitting.id)),
            ],
            actual: limit.actual,
            limit: limit.limit,
            unit: limit.unit,
            formula: 'ports for ordinary servos on the board, against the servos of the build',
            terms: [
              plannedTerm('ports for servos', limit.actual, 'ports'),
              plannedTerm('servos', wanting.length, 'ports'),
            ],
          },
        ];
      });
  },
});
