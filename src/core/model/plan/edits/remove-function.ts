import { defineEdit } from './edit';
import { dropFromMixes, forget } from '../edit-aftermath';
import { remove } from './draft';

/** Takes a function out, and its share of any mix. */
export interface RemoveFunction {
  type: 'removeFunction';
  function: string;
}

export const removeFunction = defineEdit<RemoveFunction>({
  apply: (build, edit) => {
    remove(build.functions, edit.function);
    dropFromMixes(build, edit.function);
    forget(build, [edit.function]);
  },
  words: (edit, say) => `Remove the function ${say.functionName(edit.function)}`,
});
