import { defineEdit } from './edit';
import type { ModelFunction } from '../model-function';
import { change } from './draft';

/** Changes a function: its name, control, channel or parts. */
export interface SetFunction {
  type: 'setFunction';
  function: string;
  change: Partial<Omit<ModelFunction, 'id'>>;
}

export const setFunction = defineEdit<SetFunction>({
  apply: (build, edit) => change(build.functions, edit.function, edit.change),
  words: (edit, say) => `${say.functionName(edit.function)}: ${say.functionChange(edit.change)}`,
});
