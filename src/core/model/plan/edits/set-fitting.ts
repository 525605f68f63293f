import { defineEdit } from './edit';
import type { Fitting } from '../../fitting/fitting';
import { setOn } from './draft';

/** Sets something on a fitting, or on what sits on a board. */
export interface SetFitting {
  type: 'setFitting';
  fitting: string;
  change: Partial<
    Pick<
      Fitting,
      | 'name'
      | 'cutoff'
      | 'running'
      | 'brake'
      | 'isReversed'
      | 'memory'
      | 'boundTo'
      | 'alarmVolts'
      | 'linkage'
      | 'seat'
      | 'place'
    >
  >;
}

export const setFitting = defineEdit<SetFitting>({
  apply: (build, { fitting, change }) => setOn(build, fitting, change),
  words: ({ fitting, change }, say) =>
    `${say.name(fitting)}: ${change.place ? say.place(change.place) : say.changes(change)}`,
});
