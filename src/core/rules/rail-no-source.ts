import type { Supply } from '../power/power-picture';
import { liftedReds, offerRestoredRed } from './offers/restore-red-wire';
import { offerStandAloneBec } from './offers/stand-alone-bec';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

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
        text: 'nothing feeds the {{receiver}}: no plus reaches it',
        why: 'Nothing wakes: no light on the receiver, limp servos, and the controllers beep for a signal.',
      },
    },
  },
  check(context) {
    const { picture, index } = context;
    return picture.supplies
      .filter((one) => one.fitted.part.kind === 'receiver' && one.status === 'noSource')
      .flatMap((supply): (Report<'nothingFeeds'> | Missing)[] => {
        const { fitting } = supply.fitted;
        const subjects = [fittingSubject(fitting.id)];
        // With no pack plugged in anywhere the plan is unfinished, not wrong.
        const isBegun =
          picture.supplies.some((one) => one.status === 'fed') && index.leadsOf(fitting.id).length > 0;
        const least = supply.terminal.minVolts;
        if (!isBegun || !least)
          return [
            {
              missing: isBegun ? `least volts of the ${fitting.name}` : `what feeds the ${fitting.name}`,
              subjects,
            },
          ];
        const reds = liftedReds(context, supply.plus);
        return [
          {
            messageId: 'nothingFeeds',
            data: { receiver: fitting.name },
            subjects: [...subjects, ...reds.map((one) => fittingSubject(one.source.fitting.id))],
            actual: 0,
            limit: least.value,
            unit: 'V',
            formula: 'highest source whose plus reaches the receiver through whole conductors',
            terms: [
              plannedTerm('volts that reach it', 0, 'V'),
              figureTerm(`least for the ${fitting.name}`, least, 'V'),
            ],
            offers: [...reds.flatMap((one) => offerRestoredRed(one)), ...railBec(supply)],
          },
        ];
      });

    function railBec(supply: Supply) {
      const rail = context.rails.find((one) => one.plus === supply.plus);
      return rail ? offerStandAloneBec(context, rail) : [];
    }
  },
});
