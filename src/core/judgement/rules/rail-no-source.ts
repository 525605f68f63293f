import { fittingSubject, type Missing, type Report } from '../findings/report';
import { liftedReds, offerRestoredRed } from '../put-right/restore-red-wire';
import { offerStandAloneBec } from '../put-right/stand-alone-bec';
import { offerPower } from '../put-right/feed-part';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

/** A receiver whose plus no source reaches: every red wire lifted, or none there. */
export const railNoSource = defineRule({
  meta: {
    id: 'rail-no-source',
    well: 'connection',
    title: 'A rail that nothing feeds',
    messages: {
      nothingFeeds: {
        severity: 'stop',
        bound: 'least',
        short: 'nothing feeds the rail',
        text: 'nothing feeds the {{receiver}}: no plus reaches it',
        why: 'Nothing wakes: no light on the receiver, limp servos, and the controllers beep for a signal.',
      },
    },
  },
  check(context) {
    const { survey, index } = context;
    return survey.supplies
      .filter((supply) => supply.fitted.kind === 'receiver' && supply.status === 'noSource')
      .flatMap((supply): (Report<'nothingFeeds'> | Missing)[] => {
        const { fitting } = supply.fitted;
        const subjects = [fittingSubject(fitting.id)];
        // With no pack plugged in anywhere the plan is unfinished, not wrong.
        const isBegun =
          survey.supplies.some((candidate) => candidate.status === 'fed') &&
          index.leadsOf(fitting.id).length > 0;
        if (!isBegun) return [{ missing: `what feeds the ${fitting.name}`, subjects, asked: 'wiring' }];
        const reds = liftedReds(context, supply.plus);
        const rail = survey.rails.find((candidate) => candidate.plus === supply.plus);
        return [
          {
            messageId: 'nothingFeeds',
            data: { receiver: fitting.name },
            subjects: [...subjects, ...reds.map((lifted) => fittingSubject(lifted.source.fitting.id))],
            actual: 0,
            limit: 1,
            unit: 'sources',
            formula: 'sources whose plus reaches the receiver through whole conductors',
            terms: [plannedTerm('sources that reach it', 0, 'sources'), plannedTerm('needed', 1, 'sources')],
            offers: () => [
              ...reds.flatMap((lifted) => offerRestoredRed(lifted)),
              ...(rail ? offerStandAloneBec(context, rail) : []),
              ...offerPower(context, supply),
            ],
          },
        ];
      });
  },
});
