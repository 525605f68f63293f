import type { ModelFunction } from '../../model/plan/model-function';
import type { Patch } from '../../model/plan/patch';
import type { ControlKind, ControlSpec } from '../../model/kinds/transmitter/transmitter';
import type { Unit } from '../../base/quantity/format';
import { radioOfFunction } from '../../reading/radio/radios';
import { controlMisfit, positions, springs, type ControlMisfit } from '../../reading/radio/control-fit';
import { defineRule } from './rule';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, functionSubject, type Missing, type Report } from '../findings/report';
import { plannedTerm } from './support/terms';

const controlWords: Record<ControlKind, string> = {
  centring: 'a proportional control that centres itself',
  staying: 'a proportional control that stays put',
  twoPosition: 'a two-position switch',
  threePosition: 'a three-position switch',
  momentary: 'a momentary button',
};

/** The kind of control that each function wants, against the one it was given. */
export const controlKind = defineRule({
  meta: {
    id: 'control-kind',
    well: 'control',
    title: 'Kind of control against function',
    messages: {
      noProportion: {
        severity: 'stop',
        bound: 'least',
        short: 'switch for a stick',
        text: '{{function}} wants {{wanted}}, but the {{control}} only switches',
        why: 'It can be hard over or off, and nothing between: no way to steer or to creep.',
      },
      positionsMissing: {
        severity: 'mind',
        bound: 'least',
        short: '{{actual}}, needs {{limit}}',
        text: '{{function}} wants {{wanted}}, but the {{control}} has fewer positions',
        why: 'One state can never be chosen from the transmitter.',
      },
      springsBack: {
        severity: 'mind',
        bound: 'exactly',
        short: 'control springs back',
        text: '{{function}} wants {{wanted}}, but the {{control}} springs back',
        why: 'It returns as soon as the thumb lets go; it has to be held all the time.',
      },
      doesNotCentre: {
        severity: 'mind',
        bound: 'exactly',
        short: 'control stays put',
        text: '{{function}} wants {{wanted}}, but the {{control}} stays where it is left',
        why: 'Let go, it keeps turning or driving; it must be brought back to centre by eye.',
      },
      staysOn: {
        severity: 'mind',
        bound: 'exactly',
        short: 'control stays on',
        text: '{{function}} wants {{wanted}}, but the {{control}} stays on',
        why: 'It goes on until it is switched off again.',
      },
    },
  },
  check(context) {
    return context.build.functions.flatMap((modelFunction): (Report<ControlMisfit> | Missing)[] => {
      const { transmitter } = radioOfFunction(context, modelFunction);
      if (!transmitter) return [];
      const { controls } = transmitter.part;
      const control = controls.find((candidate) => candidate.id === modelFunction.control);
      const subjects = [functionSubject(modelFunction.id), fittingSubject(transmitter.fitting.id)];
      if (!control) return [{ missing: `the control for ${modelFunction.name}`, subjects, asked: 'brief' }];
      const messageId = controlMisfit(modelFunction.wants, control.kind);
      if (!messageId) return [];
      const isCounted = messageId === 'noProportion' || messageId === 'positionsMissing';
      const table = isCounted ? positions : springs;
      const unit: Unit = isCounted ? 'positions' : 'springs';
      return [
        {
          messageId,
          data: {
            function: modelFunction.name,
            wanted: controlWords[modelFunction.wants],
            control: control.name,
          },
          subjects,
          actual: table[control.kind],
          limit: table[modelFunction.wants],
          unit,
          formula: isCounted
            ? 'positions the control can take, against those wanted'
            : 'return springs, against those wanted',
          terms: [
            plannedTerm(`${control.name}`, table[control.kind], unit),
            plannedTerm(`wanted for ${modelFunction.name}`, table[modelFunction.wants], unit),
          ],
          offers: () => [
            ...offerControls(context, modelFunction, controls),
            offerOtherWant(modelFunction, control),
          ],
        },
      ];
    });
  },
});

/** Sets the function to what its control can do. */
const offerOtherWant = (modelFunction: ModelFunction, { kind, name }: ControlSpec): Patch => ({
  id: `want:${modelFunction.id}:${kind}`,
  label: `Let ${modelFunction.name} be worked as the ${name} can: ${controlWords[kind]}`,
  edits: [{ type: 'setFunction', function: modelFunction.id, change: { wants: kind } }],
});

/** Free controls of the wanted kind; at most two. */
function offerControls(
  context: Reading,
  modelFunction: ModelFunction,
  controls: readonly ControlSpec[],
): Patch[] {
  const taken = new Set(radioOfFunction(context, modelFunction).functions.map((other) => other.control));
  return controls
    .filter((control) => control.kind === modelFunction.wants && !taken.has(control.id))
    .slice(0, 2)
    .map((control) => ({
      id: `assign-control:${modelFunction.id}:${control.id}`,
      label: `Give ${modelFunction.name} the ${control.name}, ${controlWords[control.kind]}`,
      edits: [{ type: 'setFunction', function: modelFunction.id, change: { control: control.id } }],
    }));
}
