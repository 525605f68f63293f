import type { Brief } from '../build/brief';
import type { ControllerMode } from '../parts/controller';
import { offerSwaps } from './offers/swap-part';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'modeMissing';

const wishes: { wish: keyof Brief; mode: ControllerMode; words: string }[] = [
  { wish: 'noReverse', mode: 'noReverse', words: 'to run without reverse' },
  { wish: 'instantReverse', mode: 'instantReverse', words: 'to reverse at once' },
  { wish: 'dragBrake', mode: 'dragBrake', words: 'a drag brake' },
];

/** How the drive should behave by the Brief, against what each controller can be set to. */
export const controllerModesRule = defineRule({
  meta: {
    id: 'controller-modes',
    well: 'control',
    title: 'Controller modes against the Brief',
    messages: {
      modeMissing: {
        severity: 'mind',
        bound: 'least',
        text: 'the Brief wants the drive {{wish}}, which the {{controller}} cannot be set to',
        why: 'No programming brings it: the drive will not behave as planned, or breaks the race rules.',
      },
    },
  },
  check(context) {
    const wanted = wishes.filter(({ wish }) => context.build.brief[wish] === true);
    return context.index.ofKind('controller').flatMap((controller): (Report<Message> | Missing)[] => {
      const { fitting, part } = controller;
      const subjects = [fittingSubject(fitting.id)];
      const { modes } = part;
      if (wanted.length > 0 && !modes) return [{ missing: `modes of the ${fitting.name}`, subjects }];
      return wanted
        .filter(({ mode }) => !modes?.includes(mode))
        .map(({ mode, words }) => ({
          messageId: 'modeMissing',
          data: { wish: words, controller: fitting.name },
          subjects,
          actual: 0,
          limit: 1,
          unit: 'modes',
          formula: 'modes on the controller’s sheet of the kind the Brief wants',
          terms: [plannedTerm(`${fitting.name}: ${mode}`, 0, 'modes'), plannedTerm('wanted', 1, 'modes')],
          offers: offerSwaps(
            context,
            controller,
            (one) => one.drives === part.drives && (one.modes?.includes(mode) ?? false),
          ),
        }));
    });
  },
});
