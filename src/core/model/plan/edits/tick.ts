import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';
import type { Tick } from '../records';

/** Ticks a step, with its reading. */
export interface TickStep {
  type: 'tick';
  tick: Tick;
}

export const tick = defineEdit<TickStep>({
  apply: (build, { tick: ticked }) => {
    dropWhere(build.ticks, ({ step }) => step === ticked.step);
    build.ticks.push(ticked);
  },
  words: () => 'Tick a step',
});
