import { defineEdit } from './edit';
import { isOn } from '../../fitting/component-id';
import { dropWhere, forget, promoteRadio } from '../edit-aftermath';
import type { Lead } from '../lead';
import { change, remove } from './draft';

/** Takes a part out, with its leads and what was said of it. */
export interface RemoveFitting {
  type: 'removeFitting';
  fitting: string;
}

export const removeFitting = defineEdit<RemoveFitting>({
  apply: (build, { fitting }) => {
    promoteRadio(build, fitting);
    remove(build.fittings, fitting);
    const touches = ({ from, to }: Lead) => from.fitting === fitting || to.fitting === fitting;
    const gone = build.leads.filter(touches).map(({ id }) => id);
    dropWhere(build.leads, touches);
    for (const { id, devices } of [...build.functions])
      change(build.functions, id, { devices: devices.filter((device) => !isOn(device, fitting)) });
    forget(build, [fitting, ...gone]);
  },
  words: ({ fitting }, say) => `Remove ${say.name(fitting)} with its leads`,
});
