import { defineEdit } from './edit';
import type { ModelFunction } from '../model-function';

/** Adds something that the model must do. */
export interface AddFunction {
  type: 'addFunction';
  function: ModelFunction;
}

export const addFunction = defineEdit<AddFunction>({
  apply: (build, edit) => {
    build.functions.push(edit.function);
  },
  words: (edit) => `Add the function ${edit.function.name}`,
});
