import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';

/** Takes the tick off a step. */
export interface Untick {
  type: 'untick';
  step: string;
}

export const untick = defineEdit<Untick>({
  apply: (build, { step }) => dropWhere(build.ticks, (tick) => tick.step === step),
  words: () => 'Tick a step',
});
