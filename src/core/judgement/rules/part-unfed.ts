import { fittingSubject, leadSubject, type Missing, type Report } from '../findings/report';
import { offerPower } from '../put-right/feed-part';
import type { Reading } from '../../reading/build-reading/reading';
import type { Supply } from '../../reading/survey/power';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'noPower' | 'nothingToSwitch';

/** A part that is wired somewhere, and gets no power all the same. */
export const partUnfed = defineRule<Message>({
  meta: {
    id: 'part-unfed',
    well: 'connection',
    title: 'Parts that no power reaches',
    messages: {
      noPower: {
        severity: 'stop',
        bound: 'least',
        short: 'a part without power',
        text: 'no power reaches the {{part}}',
        why: 'It stays dead: no light, no tone, no movement. Its power plug hangs free, or what it is plugged into has none to give.',
      },
      nothingToSwitch: {
        severity: 'mind',
        bound: 'least',
        short: 'nothing to switch',
        text: 'the {{part}} has nothing to switch: no supply reaches it',
        why: 'It clicks, and what hangs on it stays off.',
      },
    },
  },
  check(context) {
    const { survey, index } = context;
    const isBegun =
      survey.supplies.some((supply) => supply.status === 'fed') ||
      index.ofKind('pack').some(({ fitting }) => index.leadsOf(fitting.id).length > 0);
    const motors = index.ofKind('motor').flatMap((motor): Missing[] => {
      const { id, name } = motor.fitting;
      if (survey.controllerOf(id)) return [];
      return [
        { missing: `which controller drives the ${name}`, subjects: [fittingSubject(id)], asked: 'wiring' },
      ];
    });
    // A motor that waits for its controller is told already, and will take it.
    const idle = index.ofKind('controller').flatMap(({ fitting }): Missing[] => {
      const { id, name } = fitting;
      if (motors.length > 0 || survey.motorsOf(id).length > 0) return [];
      return [{ missing: `which motor the ${name} drives`, subjects: [fittingSubject(id)], asked: 'wiring' }];
    });
    const unfed = survey.supplies.filter(
      (supply) => supply.status === 'noSource' && isOwnTrouble(context, supply),
    );
    return [
      ...motors,
      ...idle,
      ...unfed.flatMap((supply): (Report<Message> | Missing)[] => {
        const { fitted, terminal } = supply;
        const { id, name } = fitted.fitting;
        const leads = index.leadsOf(id);
        if (!isBegun || leads.length === 0)
          return terminal.id === 'feed'
            ? []
            : [{ missing: `what feeds the ${name}`, subjects: [fittingSubject(id)], asked: 'wiring' }];
        return [
          {
            messageId: terminal.id === 'feed' ? 'nothingToSwitch' : 'noPower',
            data: { part: name },
            subjects: [fittingSubject(id), ...leads.map((lead) => leadSubject(lead.id))],
            actual: 0,
            limit: 1,
            unit: 'sources',
            formula: 'sources whose plus reaches it through whole conductors',
            terms: [plannedTerm('sources that reach it', 0, 'sources'), plannedTerm('needed', 1, 'sources')],
            offers: () => offerPower(context, supply),
          },
        ];
      }),
    ];
  },
});

/** What hangs on a receiver that nothing feeds is told with the receiver. */
function isOwnTrouble({ survey }: Reading, supply: Supply): boolean {
  if (supply.fitted.kind === 'receiver') return false;
  return !survey.rails.some((rail) => rail.isRadio && rail.plus === supply.plus);
}
