import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, functionSubject, type Report } from '../findings/report';
import type { ControlSpec } from '../../model/kinds/transmitter/transmitter';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Patch } from '../../model/plan/patch';
import type { Fitted } from '../../model/kinds/fitted';
import { radioOfFunction } from '../../reading/radio/radios';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'runsWhenLetGo' | 'noMiddle' | 'mustBeCentred';

/** Percent that the transmitter's display reads with a control let go, or at its end. */
const centred = 0;
const atMinimum = -100;

/** Where a control stands by itself, against where a controller wants it to arm. */
export const armingStick = defineRule<Message>({
  meta: {
    id: 'arming-stick',
    well: 'control',
    title: 'Where the stick stands against where the controller arms',
    messages: {
      runsWhenLetGo: {
        severity: 'stop',
        bound: 'exactly',
        short: 'arms at an end, control springs back',
        text: 'the {{controller}} arms at the end of {{function}}, and the {{control}} springs back to its middle',
        why: 'It beeps and does not arm until the stick is held down; let go, it runs at half.',
      },
      noMiddle: {
        severity: 'stop',
        bound: 'least',
        short: 'no middle to arm at',
        text: 'the {{controller}} arms at the middle of {{function}}, and the {{control}} has none',
        why: 'It beeps for ever and never arms.',
      },
      mustBeCentred: {
        severity: 'note',
        bound: 'exactly',
        short: 'no spring to its middle',
        text: 'the {{controller}} arms at the middle of {{function}}, where the {{control}} stays only if it is put there',
        why: 'Left elsewhere, it beeps and does nothing: the commonest of all bench mysteries.',
      },
    },
  },
  check(context) {
    return context.build.functions.flatMap((modelFunction): Report<Message>[] => {
      const control = controlsFor(context, modelFunction).find(({ id }) => id === modelFunction.control);
      if (!control) return [];
      return modelFunction.devices.flatMap((id) => {
        const fitted = context.index.get(id);
        const messageId = fitted.kind === 'controller' && mismatch(fitted, control);
        return messageId ? [report(context, messageId, fitted, modelFunction, control)] : [];
      });
    });
  },
});

/** The controls of the transmitter that works a function. */
const controlsFor = (context: Reading, modelFunction: ModelFunction): readonly ControlSpec[] =>
  radioOfFunction(context, modelFunction).transmitter?.part.controls ?? [];

function mismatch({ part }: Fitted<'controller'>, { kind }: ControlSpec): Message | undefined {
  if (part.armsAt === 'minimum') return kind === 'centring' ? 'runsWhenLetGo' : undefined;
  if (part.armsAt !== 'centre') return undefined;
  if (kind === 'twoPosition' || kind === 'momentary') return 'noMiddle';
  return kind === 'staying' ? 'mustBeCentred' : undefined;
}

function report(
  context: Reading,
  messageId: Message,
  { fitting }: Fitted<'controller'>,
  modelFunction: ModelFunction,
  control: ControlSpec,
): Report<Message> {
  const isCounted = messageId === 'noMiddle';
  const [actual, limit] = isCounted
    ? [2, 3]
    : messageId === 'runsWhenLetGo'
      ? [centred, atMinimum]
      : [atMinimum, centred];
  const unit = isCounted ? 'positions' : '%';
  return {
    messageId,
    data: { controller: fitting.name, function: modelFunction.name.toLowerCase(), control: control.name },
    subjects: [fittingSubject(fitting.id), functionSubject(modelFunction.id)],
    actual,
    limit,
    unit,
    formula: isCounted
      ? 'positions that the control has, against those that arming wants'
      : 'where the control may stand at switching on, in percent as the transmitter shows it, against where the controller arms',
    terms: [
      plannedTerm(`the ${control.name}`, actual, unit),
      plannedTerm(`the ${fitting.name} arms at`, limit, unit),
    ],
    offers: () => offerControls(context, modelFunction, messageId === 'runsWhenLetGo'),
  };
}

/** Free controls that stand where the controller wants them by themselves; at most two. */
function offerControls(context: Reading, modelFunction: ModelFunction, staysPut: boolean): Patch[] {
  const { id, name } = modelFunction;
  const taken = new Set(radioOfFunction(context, modelFunction).functions.map(({ control }) => control));
  return controlsFor(context, modelFunction)
    .filter((control) => control.kind === (staysPut ? 'staying' : 'centring') && !taken.has(control.id))
    .slice(0, 2)
    .map((control) => ({
      id: `arming-control:${id}:${control.id}`,
      label: `Give ${name} the ${control.name}, which ${staysPut ? 'stays where it is put' : 'centres itself'}`,
      edits: [
        {
          type: 'setFunction',
          function: id,
          change: { control: control.id, wants: control.kind },
        },
      ],
    }));
}
