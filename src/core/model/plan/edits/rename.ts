import { defineEdit } from './edit';

/** Gives the build another name. */
export interface Rename {
  type: 'rename';
  name: string;
}

export const rename = defineEdit<Rename>({
  apply: (build, { name }) => {
    build.name = name;
  },
  words: ({ name }) => `Call it ${name}`,
});
