import { defineEdit } from './edit';

/** Puts the parts of the wiring picture in another order. */
export interface SetPictureOrder {
  type: 'setPictureOrder';
  order: string[];
}

export const setPictureOrder = defineEdit<SetPictureOrder>({
  apply: (build, { order }) => {
    build.pictureOrder = order;
  },
  words: () => 'Move a part in the picture',
});
