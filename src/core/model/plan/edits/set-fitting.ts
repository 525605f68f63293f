import { defineEdit } from './edit';
import type { Fitting } from '../../fitting/fitting';
import type { Placement } from '../../fitting/placement';
import { setOn } from './draft';
import { changeWords } from './change-words';

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

function placeWords({ x, y, z, turn }: Placement): string {
  const [along, across, up] = [x, y, z].map((metres) => Math.round(metres * 1000));
  const side =
    across === 0 ? 'in the middle' : `${Math.abs(across!)} mm to ${across! > 0 ? 'port' : 'starboard'}`;
  return `to ${along} mm along, ${side}, ${up} mm up${turn === 0 ? '' : `, turned ${turn}°`}`;
}

export const setFitting = defineEdit<SetFitting>({
  apply: (build, { fitting, change }) => setOn(build, fitting, change),
  words: ({ fitting, change }, say) =>
    `${say.name(fitting)}: ${change.place ? placeWords(change.place) : changeWords(change)}`,
});
