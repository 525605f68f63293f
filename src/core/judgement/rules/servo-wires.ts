import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { fittingSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** Wires on a servo's lead against the three that a receiver port works. */
export const servoWires = defineRule({
  meta: {
    id: 'servo-wires',
    well: 'connection',
    title: 'Three-wire servos for ordinary receivers',
    messages: {
      fiveWires: {
        severity: 'stop',
        bound: 'exactly',
        short: '{{actual}} on a port for {{limit}}',
        text: 'the {{servo}} has five wires, a receiver port works three',
        why: 'A five-wire toy servo has its electronics on the toy’s own board. On an ordinary receiver it does nothing.',
      },
    },
  },
  check(context) {
    return context.index
      .ofKind('servo')
      .filter(({ part }) => part.wires === 5)
      .map((servo) => ({
        messageId: 'fiveWires' as const,
        data: { servo: servo.fitting.name },
        subjects: [fittingSubject(servo.fitting.id)],
        actual: 5,
        limit: 3,
        unit: 'wires' as const,
        formula: 'wires on the servo’s lead, against those of a receiver port',
        terms: [plannedTerm('on the servo', 5, 'wires'), plannedTerm('on a port', 3, 'wires')],
        offers: () => offerSwaps(context, servo, (part) => part.wires !== 5),
      }));
  },
});
