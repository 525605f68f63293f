import type { Reading } from '../../reading/build-reading/reading';
import type { Step } from './step';

/** The model on a stand, before power reaches it for the first time. */
export const standStep = ({ index }: Reading, phase: Step['phase']): Step => ({
  id: 'stand',
  phase,
  title: 'Put the model on a stand',
  lines: [
    index.ofKind('controller').length > 0
      ? 'Screws or wheels free to turn, nothing within reach of them.'
      : 'Nothing within reach of moving arms.',
  ],
  cautions: ['stand'],
  needsPower: false,
  isHold: true,
  touches: [],
});
