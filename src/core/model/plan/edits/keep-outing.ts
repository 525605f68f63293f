import { defineEdit } from './edit';
import type { Outing } from '../outing';

/** Keeps an outing of one's own with the build. */
export interface KeepOuting {
  type: 'keepOuting';
  outing: Outing;
}

export const keepOuting = defineEdit<KeepOuting>({
  apply: (build, { outing }) => {
    build.outings = [...(build.outings ?? []).filter(({ id }) => id !== outing.id), outing];
  },
  words: ({ outing }) => `Keep the outing ${outing.name}`,
});
