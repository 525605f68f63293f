import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';

/** Drops a kept outing. */
export interface DropOuting {
  type: 'dropOuting';
  outing: string;
}

export const dropOuting = defineEdit<DropOuting>({
  apply: (build, { outing }) => dropWhere(build.outings ?? [], ({ id }) => id === outing),
  words: () => 'Remove an outing',
});
