import { defineEdit } from './edit';
import type { ModelFunction } from '../model-function';
import { changeWords } from './change-words';
import { change } from './draft';

/** Changes a function: its name, control, channel or parts. */
export interface SetFunction {
  type: 'setFunction';
  function: string;
  change: Partial<Omit<ModelFunction, 'id'>>;
}

export const setFunction = defineEdit<SetFunction>({
  apply: (build, edit) => change(build.functions, edit.function, edit.change),
  words: (edit, say) => {
    const { control, devices, ...rest } = edit.change;
    const controls = say.index.ofKind('transmitter').flatMap(({ part }) => part.controls);
    const words = [
      control === undefined ? '' : `control → ${controls.find(({ id }) => id === control)?.name ?? control}`,
      changeWords(rest),
      devices === undefined ? '' : `works → ${devices.map(say.name).join(', ') || 'nothing'}`,
    ];
    return `${say.functionName(edit.function)}: ${words.filter(Boolean).join(', ')}`;
  },
});
