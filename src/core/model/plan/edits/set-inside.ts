import { defineEdit } from './edit';
import type { ModelInside } from '../model-inside';

/** Tells what the inside of the model is like. */
export interface SetInside {
  type: 'setInside';
  inside: ModelInside | undefined;
}

export const setInside = defineEdit<SetInside>({
  apply: (build, { inside }) => {
    if (inside) build.inside = inside;
    else delete build.inside;
  },
  words: ({ inside }) => (inside ? `Inside of the model: ${inside.form}` : 'Forget the inside of the model'),
});
