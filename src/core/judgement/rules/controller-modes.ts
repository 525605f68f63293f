import { drivesAll } from '../../model/kinds/controller/controller';
import type { Brief } from '../../model/plan/brief';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { brakeModes, runningModes, type ControllerMode } from '../../model/parts/controller-modes';
import type { Fitting } from '../../model/fitting/fitting';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'modeMissing' | 'modeNotSet';

interface Wish {
  wish: keyof Brief;
  mode: ControllerMode;
  setting: 'running' | 'brake';
  words: string;
}

const wishes: readonly Wish[] = [
  { wish: 'noReverse', mode: 'noReverse', setting: 'running', words: 'to run without reverse' },
  { wish: 'instantReverse', mode: 'instantReverse', setting: 'running', words: 'to reverse at once' },
  { wish: 'dragBrake', mode: 'dragBrake', setting: 'brake', words: 'with a drag brake' },
];

const settingWords = { running: 'running mode', brake: 'brake' };

/** How the drive should behave by the Brief, against what each controller can be set to, and is. */
export const controllerModesRule = defineRule<Message>({
  meta: {
    id: 'controller-modes',
    well: 'control',
    title: 'Controller modes against the Brief',
    messages: {
      modeMissing: {
        severity: 'mind',
        bound: 'least',
        short: 'mode missing',
        text: 'the Brief wants the drive {{wish}}, which the {{controller}} cannot be set to',
        why: 'No programming brings it: the drive will not behave as planned, or breaks the race rules.',
      },
      modeNotSet: {
        severity: 'mind',
        bound: 'least',
        short: 'mode not set',
        text: 'the Brief wants the drive {{wish}}, and the {{controller}} is set otherwise',
        why: 'The drive will not behave as planned until it is programmed.',
      },
    },
  },
  check(context) {
    const wanted = wishes.filter(({ wish }) => context.build.brief[wish] === true);
    const { survey } = context;
    // A winch or a boom has no drive to brake.
    const drives = context.index.ofKind('controller').filter(({ fitting }) => {
      const motors = survey.motorsOf(fitting.id);
      return motors.length === 0 || motors.some((motor) => survey.movers().has(motor.fitting.id));
    });
    return drives.flatMap((controller): (Report<Message> | Missing)[] => {
      const { fitting, part } = controller;
      const subjects = [fittingSubject(fitting.id)];
      const { modes } = part;
      if (wanted.length > 0 && !modes) return [{ missing: `modes of the ${fitting.name}`, subjects }];
      return wanted.flatMap((wish): (Report<Message> | Missing)[] => {
        const { mode, words, setting } = wish;
        const report = (messageId: Message): Report<Message> => ({
          messageId,
          data: { wish: words, controller: fitting.name },
          subjects,
          actual: 0,
          limit: 1,
          unit: 'modes',
          formula: 'modes of the controller, on its sheet and as set, of the kind the Brief wants',
          terms: [plannedTerm(`${fitting.name}: ${words}`, 0, 'modes'), plannedTerm('wanted', 1, 'modes')],
        });
        if (!modes?.includes(mode))
          return [
            {
              ...report('modeMissing'),
              offers: () =>
                offerSwaps(
                  context,
                  controller,
                  (candidate) => drivesAll(candidate, part) && (candidate.modes?.includes(mode) ?? false),
                ),
            },
          ];
        const set = settingOf(fitting, setting, modes);
        if (set === mode) return [];
        if (set === undefined)
          return [
            {
              missing: `what the ${settingWords[setting]} of the ${fitting.name} is set to`,
              subjects,
              asked: 'setting',
            },
          ];
        return [
          {
            ...report('modeNotSet'),
            offers: () => [
              {
                id: `set-${setting}:${fitting.id}:${mode}`,
                label: `Set the ${fitting.name} ${words}`,
                edits: [{ type: 'setFitting', fitting: fitting.id, change: { [setting]: mode } }],
              },
            ],
          },
        ];
      });
    });
  },
});

/** What a setting stands at: as set, or the one thing that the sheet leaves; `undefined` where nobody knows. */
function settingOf(
  fitting: Fitting,
  setting: 'running' | 'brake',
  modes: readonly ControllerMode[],
): string | undefined {
  const set = fitting[setting];
  if (set !== undefined || setting === 'brake')
    return set ?? (brakeModes.some((mode) => modes.includes(mode)) ? undefined : 'off');
  const choices = runningModes.filter((mode) => modes.includes(mode));
  return choices.length === 1 ? choices[0] : undefined;
}
