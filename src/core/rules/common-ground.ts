import { defineRule, fittingSubject } from './rule';
import { offerRestoredGround } from './offers/restore-ground';
import { plannedTerm } from './support/terms';

/** A part whose plus is live but whose minus leads back to no source. */
export const commonGround = defineRule({
  meta: {
    id: 'common-ground',
    well: 'connection',
    title: 'A ground common to source and part',
    messages: {
      groundMissing: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{part}} has no ground back to what feeds it',
        why: 'No current flows without a way back: the part is dead, or twitches as current finds a way through its signal wire.',
      },
    },
  },
  check({ picture, index }) {
    return picture.supplies
      .filter((one) => one.status === 'noGround')
      .map(({ fitted }) => ({
        messageId: 'groundMissing' as const,
        data: { part: fitted.fitting.name },
        subjects: [fittingSubject(fitted.fitting.id)],
        actual: 0,
        limit: 1,
        unit: 'grounds' as const,
        formula: 'whole conductors that lead from its minus to the minus of its source',
        terms: [
          plannedTerm('ways back to the source', 0, 'grounds'),
          plannedTerm('ways needed', 1, 'grounds'),
        ],
        offers: offerRestoredGround(index, fitted),
      }));
  },
});
