import { defineRule } from './rule';
import { fittingSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** A bind plug left in the receiver. */
export const bindPlug = defineRule({
  meta: {
    id: 'bind-plug',
    well: 'control',
    title: 'Bind plug taken out',
    messages: {
      bindPlugIn: {
        severity: 'stop',
        bound: 'most',
        short: 'bind plug still in',
        text: 'the bind plug is in the {{receiver}}',
        why: 'At every switch-on the receiver waits to be bound again, and answers nobody, or the next transmitter that binds.',
      },
    },
  },
  check({ index }) {
    return index.ofKind('receiver').flatMap((receiver) => {
      const ends = index.leadsOf(receiver.fitting.id).flatMap((lead) => [lead.from.fitting, lead.to.fitting]);
      const plugs = [...new Set(ends)]
        .map((id) => index.get(id))
        .filter(({ part }) => part.kind === 'cable' && part.form === 'bindPlug');
      return plugs.map(({ fitting }) => ({
        messageId: 'bindPlugIn' as const,
        data: { receiver: receiver.fitting.name },
        subjects: [fittingSubject(fitting.id), fittingSubject(receiver.fitting.id)],
        actual: 1,
        limit: 0,
        unit: 'plugs' as const,
        formula: 'bind plugs in the receiver, against those it runs with',
        terms: [plannedTerm('bind plugs in it', 1, 'plugs'), plannedTerm('it runs with', 0, 'plugs')],
        offers: () => [
          {
            id: `take-out:${fitting.id}`,
            label: 'Take the bind plug out',
            edits: [{ type: 'removeFitting' as const, fitting: fitting.id }],
          },
        ],
      }));
    });
  },
});
