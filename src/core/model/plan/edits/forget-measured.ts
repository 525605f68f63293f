import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';

/** Lets go of what a reading made of an estimate. */
export interface ForgetMeasured {
  type: 'forgetMeasured';
  estimate: string;
}

export const forgetMeasured = defineEdit<ForgetMeasured>({
  apply: (build, { estimate }) => dropWhere(build.measured ?? [], (each) => each.estimate === estimate),
  words: () => 'Let go of a reading',
});
