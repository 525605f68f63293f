import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';

/** Takes a page out of the log. */
export interface DropEntry {
  type: 'dropEntry';
  entry: string;
}

export const dropEntry = defineEdit<DropEntry>({
  apply: (build, { entry }) => dropWhere(build.log ?? [], ({ id }) => id === entry),
  words: () => 'Remove a page of the log',
});
